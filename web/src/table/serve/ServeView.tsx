import { Link } from "react-router";
import type { DishLabel } from "../../api";
import { Card } from "../../ui";
import { DishMark } from "../DishMark";
import { clock } from "../time";
import type { ViewProps } from "../viewProps";

/** What comes to the table in which order, with whose spoon, and the card that stands before each dish. */
export function ServeView({ kept, plan }: ViewProps) {
  return (
    <div className="flex flex-col gap-5">
      <Card title="In this order">
        <ol className="flex flex-col gap-3">
          {plan.serving.map((s) => (
            <li key={s.dish} className="flex gap-3">
              <DishMark dish={s.dish} />
              <div>
                <p>
                  <strong>
                    {s.order}. {plan.names[s.dish]}
                  </strong>
                  , out at {clock(s.out)}, on the table at {clock(s.onTable)}
                </p>
                <p className="text-sm">{s.spoon}.</p>
                {s.keep && <p className="text-sm text-warm">{s.keep}</p>}
              </div>
            </li>
          ))}
        </ol>
        <p className="mt-3 text-sm text-faded">
          Hot food is kept at 63 °C or more (UK food-safety guidance; 60 °C, 140 °F in the US). Follow your local
          advice.
        </p>
      </Card>
      <Card
        title="Cards for the dishes"
        aside={
          <Link to={`/table/${kept.id}/print`} className="font-semibold text-rim underline">
            Print them
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
        {label.freeOf.length ? `Made ${label.freeOf.join(", ")}` : "Made for those without special needs"}
        {label.strict ? ", kept apart the whole way" : label.freeOf.length ? ", by ingredient" : ""}
      </p>
      <p className="text-sm">
        Contains: <strong>{label.contains.length ? label.contains.join(", ") : "none of the listed allergens"}</strong>
      </p>
      <p className="text-sm text-faded">{label.made.join(", ")}</p>
      <p className="text-sm">For {label.eaters.join(", ")}</p>
      <p className="text-sm font-semibold">{label.spoon}</p>
    </article>
  );
}
