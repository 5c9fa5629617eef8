import type { MealBrief, MealPlan, MealTask } from "../../api";
import { told } from "../../messages";
import { allergenWords, Button, Card, minutes } from "../../ui";
import { DishMark } from "../DishMark";
import { clock, minuteOf } from "../time";
import { isDone, longer, undone } from "./done";
import { isMovable, orderOf } from "./order";

interface Props {
  task: MealTask | undefined;
  plan: MealPlan;
  meal: MealBrief;
  change: (part: Partial<MealBrief>) => void;
  onPut: (id: string, to: number) => void;
  onClose: () => void;
}

/** One task in full, and what can be done with it. */
export function TaskPanel({ task, plan, meal, change, onPut, onClose }: Props) {
  if (!task) {
    return (
      <Card title={told("web.table.one-task")}>
        <p className="text-sm text-faded">{told("web.table.touch-a-task-to-see-all")}</p>
      </Card>
    );
  }
  const place = orderOf(plan, meal.order).indexOf(task.id);
  const keep = allergenWords(task.guards);
  return (
    <Card
      title={told("web.ui.to", clock(task.from), clock(task.to))}
      aside={minutes(minuteOf(task.to) - minuteOf(task.from))}
    >
      <div className="flex flex-col gap-2">
        {task.dishes.map((d) => (
          <p key={d} className="flex items-center gap-2 font-semibold">
            {!task.wash && (
              <>
                <DishMark dish={d} small /> {plan.names[d]}
              </>
            )}
          </p>
        ))}
        <p>{task.words}</p>
        {task.tools.length > 0 && (
          <p className="text-sm">{told("web.table.with", task.tools.map((t) => t.item).join(", "))}</p>
        )}
        {task.oven && (
          <p className="text-sm">
            {told(
              "web.table.oven-shelf-from-the-top-covered",
              task.oven.oven + 1,
              task.oven.shelf + 1,
              Boolean(task.oven.covered),
            )}
          </p>
        )}
        {keep.length > 0 && <p className="text-sm text-faded">{told("web.table.must-not-get", keep.join(", "))}</p>}
        <div className="flex flex-wrap gap-2">
          {isMovable(task) && (
            <>
              <Button className="min-h-9 text-sm" disabled={place <= 0} onClick={() => onPut(task.id, place - 1)}>
                {told("web.table.earlier")}
              </Button>
              <Button className="min-h-9 text-sm" onClick={() => onPut(task.id, place + 1)}>
                {told("web.table.later")}
              </Button>
            </>
          )}
          {isDone(meal, task) ? (
            <Button className="min-h-9 text-sm" onClick={() => change({ done: undone(meal, task) })}>
              {told("web.table.not-done-yet")}
            </Button>
          ) : (
            <Button
              className="min-h-9 text-sm"
              onClick={() => change({ done: longer(meal, task, 0), now: latest(meal, task.from) })}
            >
              {told("web.table.begun-or-done")}
            </Button>
          )}
          <Button
            className="min-h-9 text-sm"
            onClick={() => change({ done: longer(meal, task, 10), now: latest(meal, task.from) })}
          >
            {told("web.table.takes-10-min-longer")}
          </Button>
          <Button look="quiet" className="min-h-9 text-sm" onClick={onClose}>
            {told("web.ui.close")}
          </Button>
        </div>
      </div>
    </Card>
  );
}

/** Time does not run back. */
function latest(meal: MealBrief, at: string): string {
  return meal.now && meal.now > at ? meal.now : at.slice(0, 16);
}
