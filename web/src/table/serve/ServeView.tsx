import { Link } from "react-router";
import type { DishLabel } from "../../api";
import { rich, told } from "../../messages";
import { Card } from "../../ui";
import { DishMark } from "../DishMark";
import { clock } from "../time";
import type { ViewProps } from "../viewProps";

/** What comes to the table in which order, with whose spoon, and the card that stands before each dish. */
export function ServeView({ kept, plan }: ViewProps) {
  return (
    <div className="flex flex-col gap-5">
      <Card title={told("web.table.in-this-order")}>
        <ol className="flex flex-col gap-3">
          {plan.serving.map((s) => (
            <li key={s.dish} className="flex gap-3">
              <DishMark dish={s.dish} />
              <div>
                <p>
                  {rich(
                    "web.table.out-at-on-the-table-at",
                    { a: (words) => <strong>{words}</strong> },
                    s.order,
                    plan.names[s.dish],
                    clock(s.out),
                    clock(s.onTable),
                  )}
                </p>
                <p className="text-sm">{s.spoon}.</p>
                {s.keep && <p className="text-sm text-warm">{s.keep}</p>}
              </div>
            </li>
          ))}
        </ol>
        <p className="mt-3 text-sm text-faded">{told("web.table.hot-food-is-kept-at-63")}</p>
      </Card>
      <Card
        title={told("web.table.cards-for-the-dishes")}
        aside={
          <Link to={`/table/${kept.id}/print`} className="font-semibold text-rim underline">
            {told("web.table.print-them")}
          </Link>
        }
      >
        <div className="grid gap-4 sm:grid-cols-2">
          {plan.labels.map((label) => (
            <DishCard key={label.dish} label={label} />
          ))}
        </div>
      </Card>
    </div>
  );
}

/** The card that stands before a dish. */
export function DishCard({ label }: { label: DishLabel }) {
  return (
    <article className="flex break-inside-avoid flex-col gap-1.5 rounded-lg border-2 border-rim p-4">
      <h3 className="flex items-center gap-2 text-lg font-bold">
        <DishMark dish={label.dish} /> {label.name}
      </h3>
      <p className="font-semibold">
        {label.freeOf.length
          ? told("web.table.made", label.freeOf.join(", "))
          : told("web.table.made-for-those-without-special-needs")}
        {label.strict
          ? told("web.table.kept-apart-the-whole-way")
          : label.freeOf.length
            ? told("web.table.by-ingredient")
            : ""}
      </p>
      <p className="text-sm">
        {rich(
          "web.table.contains",
          { a: (words) => <strong>{words}</strong> },
          label.contains.length ? label.contains.join(", ") : told("web.table.none-of-the-listed-allergens"),
        )}
      </p>
      <p className="text-sm text-faded">{label.made.join(", ")}</p>
      <p className="text-sm">{told("web.table.for-eaters", label.eaters.join(", "))}</p>
      <p className="text-sm font-semibold">{label.spoon}</p>
    </article>
  );
}
