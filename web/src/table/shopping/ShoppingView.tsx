import type { Bought, MealPlan } from "../../api";
import { told } from "../../messages";
import { Card, Notice } from "../../ui";
import { letterOf } from "../DishMark";
import type { ViewProps } from "../viewProps";
import { places } from "./places";
import { useTicks } from "./useTicks";

/** What to buy for all dishes, by place in the shop, with ticks that last. */
export function ShoppingView({ kept, plan }: ViewProps) {
  const { ticked, tick, error } = useTicks(kept.id);
  const left = plan.shopping.filter((b) => !ticked.has(b.item)).length;
  return (
    <div className="flex flex-col gap-4">
      {error && (
        <Notice tone="warm" title={told("web.table.the-ticks-are-not-kept-now")}>
          {error.message}
        </Notice>
      )}
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <p role="status" className="font-semibold">
          {left === 0
            ? told("web.table.everything-is-here")
            : told("web.table.of-still-to-get", left, plan.shopping.length)}
        </p>
        <p className="flex gap-4">
          <a className="font-semibold text-rim underline" href={`/api/meals/${kept.id}/shopping.md`} download>
            {told("web.table.as-text")}
          </a>
          <a className="font-semibold text-rim underline" href={`/api/meals/${kept.id}/shopping.csv`} download>
            {told("web.table.as-a-table-csv")}
          </a>
        </p>
      </div>
      <div className="gap-5 lg:columns-2 [&>*]:mb-5 [&>*]:break-inside-avoid">
        {places(plan.shopping).map(({ place, items }) => (
          <Card key={place} title={place}>
            <ul className="divide-y divide-line">
              {items.map((item) => (
                <li key={item.item}>
                  <label className="flex cursor-pointer gap-3 py-2">
                    <input
                      type="checkbox"
                      className="mt-0.5 size-6 shrink-0 accent-(--rim)"
                      checked={ticked.has(item.item)}
                      onChange={(e) => tick(item.item, e.target.checked)}
                    />
                    <span className={ticked.has(item.item) ? "text-faded line-through" : ""}>
                      <Item item={item} plan={plan} />
                    </span>
                  </label>
                </li>
              ))}
            </ul>
          </Card>
        ))}
      </div>
      <p className="text-sm text-faded">{told("web.table.read-every-packet-each-time")}</p>
    </div>
  );
}

export function Item({ item, plan }: { item: Bought; plan: MealPlan }) {
  return (
    <>
      <strong>{item.item}</strong>: {item.buy}
      {plan.labels.length > 1 && (
        <span className="text-faded"> {told("web.table.for-dishes", (item.for ?? []).map(letterOf).join(", "))}</span>
      )}
      {item.packet && <span className="block text-sm">{told("web.table.the-packet-you-keep", item.packet)}</span>}
      {item.check && <span className="block text-sm text-warm no-underline">{item.check}</span>}
    </>
  );
}
