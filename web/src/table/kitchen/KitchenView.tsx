import { told } from "../../messages";
import { Card, Notice, NumberField, PickOne } from "../../ui";
import type { ViewProps } from "../viewProps";
import { TimesCard } from "./TimesCard";
import { ToolsCard } from "./ToolsCard";

/** What there is to cook with, and when there is time. */
export function KitchenView({ meal, plan, change }: ViewProps) {
  const kitchen = meal.kitchen ?? {};
  const set = (part: typeof kitchen) => change({ kitchen: { ...kitchen, ...part } });
  const ovens = kitchen.ovens ?? [{ shelves: 2, fan: false }];
  return (
    <div className="flex flex-col gap-5">
      {plan.missing.map((m) => (
        <Notice key={m.what} tone="warm" title={m.what}>
          {told("web.table.the-plan-shown-counts-on-it", m.mend)}
        </Notice>
      ))}
      <div className="grid items-start gap-5 lg:grid-cols-2">
        <div className="flex flex-col gap-5">
          <TimesCard meal={meal} change={change} />
          <Card title={told("web.table.hands-burners-and-ovens")}>
            <div className="flex flex-col gap-4">
              <div className="flex flex-wrap gap-4">
                <NumberField
                  label={told("web.table.cooks")}
                  value={kitchen.cooks ?? 1}
                  min={1}
                  max={3}
                  onValue={(cooks) => set({ cooks: cooks ?? 1 })}
                />
                <NumberField
                  label={told("web.table.burners")}
                  value={kitchen.burners ?? 4}
                  min={0}
                  max={12}
                  onValue={(burners) => set({ burners: burners ?? 0 })}
                />
                <NumberField
                  label={told("web.table.ovens")}
                  value={ovens.length}
                  min={1}
                  max={3}
                  onValue={(count) =>
                    set({
                      ovens: Array.from({ length: count ?? 1 }, (_, i) => ovens[i] ?? { shelves: 2, fan: false }),
                    })
                  }
                />
              </div>
              {ovens.map((oven, i) => (
                <div key={i} className="flex flex-wrap items-end gap-4 border-t border-line pt-3">
                  <NumberField
                    label={ovens.length > 1 ? told("web.table.shelves-of-oven", i + 1) : told("web.table.shelves")}
                    value={oven.shelves ?? 2}
                    min={1}
                    max={5}
                    onValue={(shelves) =>
                      set({ ovens: ovens.map((o, k) => (k === i ? { ...o, shelves: shelves ?? 2 } : o)) })
                    }
                  />
                  <PickOne
                    label={told("web.table.fan-of-oven", i + 1)}
                    value={oven.fan ? "fan" : "still"}
                    options={[
                      { value: "still", label: told("web.ui.top-and-bottom-heat") },
                      { value: "fan", label: told("web.ui.fan") },
                    ]}
                    onPick={(v) => set({ ovens: ovens.map((o, k) => (k === i ? { ...o, fan: v === "fan" } : o)) })}
                  />
                </div>
              ))}
              <p className="text-sm text-faded">{told("web.table.a-fan-carries-crumbs-and-flour")}</p>
            </div>
          </Card>
        </div>
        <ToolsCard tools={kitchen.tools ?? []} onTools={(tools) => set({ tools })} />
      </div>
    </div>
  );
}
