import { useEffect, useState } from "react";
import type { MealBrief, MealPlan } from "../../api";
import { told } from "../../messages";
import { Button, Card, SettledField } from "../../ui";
import { now } from "../time";
import { asPlannedUntil, behind } from "./done";

/** Where we are, and what that moves. */
export function WhileCooking(props: { meal: MealBrief; plan: MealPlan; change: (part: Partial<MealBrief>) => void }) {
  const { meal, plan, change } = props;
  const [at, setAt] = useState(() => begin(meal, plan));
  useEffect(() => {
    if (meal.now) setAt(meal.now.slice(0, 16));
  }, [meal.now]);
  const done = meal.done?.length ?? 0;
  return (
    <Card
      title={told("web.table.while-you-cook")}
      aside={done ? told("web.table.of-done", done, plan.tasks.length) : undefined}
    >
      <div className="flex flex-col gap-3">
        <SettledField type="datetime-local" label={told("web.table.it-is")} value={at} onSettled={setAt} />
        <div className="flex flex-wrap gap-2">
          <Button
            className="min-h-9 text-sm"
            onClick={() => change({ done: asPlannedUntil(plan, meal, at), now: at, order: undefined })}
          >
            {told("web.table.all-went-as-planned")}
          </Button>
          <fieldset className="flex flex-wrap items-center gap-2">
            <legend className="float-left mr-1 py-1.5 font-semibold">{told("web.table.late-by")}</legend>
            {[10, 20, 30].map((late) => (
              <Button
                key={late}
                className="min-h-9 px-2.5 text-sm"
                aria-label={told("web.table.we-are-minutes-late", late)}
                onClick={() => change(behind(plan, meal, at, late))}
              >
                {told("web.ui.min", late)}
              </Button>
            ))}
          </fieldset>
          {done > 0 && (
            <Button
              look="quiet"
              className="min-h-9 text-sm"
              onClick={() => change({ done: [], now: undefined, order: undefined })}
            >
              {told("web.table.begin-afresh")}
            </Button>
          )}
        </div>
        {plan.changes.length > 0 && (
          <div>
            <h3 className="font-semibold">{told("web.table.what-that-moves")}</h3>
            <ul className="mt-1 max-h-80 list-disc overflow-auto pl-5 text-sm">
              {plan.changes.map((c) => (
                <li key={`${c.task} ${c.words}`}>{c.words}</li>
              ))}
            </ul>
          </div>
        )}
        {done > 0 && plan.changes.length === 0 && (
          <p className="text-sm text-faded">{told("web.table.nothing-else-moves")}</p>
        )}
      </div>
    </Card>
  );
}

/** The clock on the wall while the meal is on, else the hour it begins. */
function begin(meal: MealBrief, plan: MealPlan): string {
  if (meal.now) return meal.now.slice(0, 16);
  const first = plan.tasks[0]?.from.slice(0, 16) ?? now();
  const here = now();
  return here > first && here < plan.serveAt ? here : first;
}
