import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type Bought, type MealPlan } from "../../api";
import { Card, Notice } from "../../ui";
import { letterOf } from "../DishMark";
import type { ViewProps } from "../viewProps";
import { places } from "./places";

/** What to buy for all dishes, by place in the shop, with ticks that last. */
export function ShoppingView({ kept, plan }: ViewProps) {
  const queries = useQueryClient();
  const key = ["ticks", kept.id];
  const ticks = useQuery({ queryKey: key, queryFn: () => api.ticks(kept.id) });
  const tick = useMutation({
    mutationKey: key,
    mutationFn: ({ item, on }: { item: string; on: boolean }) => api.tick(kept.id, item, on),
    onMutate: ({ item, on }) => {
      // An answer that was asked for before this tick must not wipe it off.
      void queries.cancelQueries({ queryKey: key }, { revert: false });
      const before = queries.getQueryData<string[]>(key) ?? [];
      queries.setQueryData(key, on ? [...before, item] : before.filter((i) => i !== item));
      return before;
    },
    onError: (_e, _v, before) => queries.setQueryData(key, before),
    onSettled: () => {
      if (queries.isMutating({ mutationKey: key }) === 1) void queries.invalidateQueries({ queryKey: key });
    },
    scope: { id: `ticks ${kept.id}` },
  });
  const has = new Set(ticks.data ?? []);
  const left = plan.shopping.filter((b) => !has.has(b.item)).length;
  return (
    <div className="flex flex-col gap-4">
      {(ticks.error || tick.error) && (
        <Notice tone="warm" title="The ticks are not kept now">
          {(ticks.error ?? tick.error)?.message}
        </Notice>
      )}
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <p role="status" className="font-semibold">
          {left === 0 ? "Everything is here." : `${left} of ${plan.shopping.length} still to get`}
        </p>
        <p className="flex gap-4">
          <a className="font-semibold text-rim underline" href={`/api/meals/${kept.id}/shopping.md`} download>
            As text
          </a>
          <a className="font-semibold text-rim underline" href={`/api/meals/${kept.id}/shopping.csv`} download>
            As a table (CSV)
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
                      checked={has.has(item.item)}
                      onChange={(e) => tick.mutate({ item: item.item, on: e.target.checked })}
                    />
                    <span className={has.has(item.item) ? "text-faded line-through" : ""}>
                      <Item item={item} plan={plan} />
                    </span>
                  </label>
                </li>
              ))}
            </ul>
          </Card>
        ))}
      </div>
      <p className="text-sm text-faded">Read every packet each time; when unsure, ask the maker.</p>
    </div>
  );
}

export function Item({ item, plan }: { item: Bought; plan: MealPlan }) {
  return (
    <>
      <strong>{item.item}</strong>: {item.buy}
      {plan.labels.length > 1 && <span className="text-faded"> · for {(item.for ?? []).map(letterOf).join(", ")}</span>}
      {item.packet && <span className="block text-sm">The packet you keep: {item.packet}</span>}
      {item.check && <span className="block text-sm text-warm no-underline">{item.check}</span>}
    </>
  );
}
