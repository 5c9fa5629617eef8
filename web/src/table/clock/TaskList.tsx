import type { Heat, MealBrief, MealPlan, MealTask } from "../../api";
import { told } from "../../messages";
import { clock, day } from "../time";
import { isDone } from "./done";
import { TaskBlock } from "./TaskBlock";

/** Everything in the order it begins, day by day, with the oven's dial among it. */
export function dayByDay(plan: MealPlan): { day: string; entries: (MealTask | Heat)[] }[] {
  const all = [...plan.tasks, ...plan.heats].sort((a, b) => startOf(a).localeCompare(startOf(b)));
  const days = new Map<string, (MealTask | Heat)[]>();
  for (const entry of all) {
    const key = day(startOf(entry));
    days.set(key, [...(days.get(key) ?? []), entry]);
  }
  return [...days].map(([name, entries]) => ({ day: name, entries }));
}

export function isTask(entry: MealTask | Heat): entry is MealTask {
  return "id" in entry;
}

export function startOf(entry: MealTask | Heat): string {
  return isTask(entry) ? entry.from : entry.at;
}

interface Props {
  plan: MealPlan;
  meal: MealBrief;
  chosen: string | null;
  onChoose: (id: string) => void;
}

/** The list twin of the lanes. */
export function TaskList({ plan, meal, chosen, onChoose }: Props) {
  return (
    <section
      aria-label={told("web.table.clock-as-a-list")}
      className="flex flex-col gap-4 rounded-xl border border-line bg-sheet p-3"
    >
      {dayByDay(plan).map(({ day: name, entries }) => (
        <div key={name}>
          <h2 className="mb-1 font-bold">{name}</h2>
          <ol className="flex flex-col gap-1">
            {entries.map((entry) =>
              isTask(entry) ? (
                <li key={entry.id} className="flex flex-col">
                  <TaskBlock
                    task={entry}
                    plan={plan}
                    chosen={chosen === entry.id}
                    done={isDone(meal, entry)}
                    onChoose={onChoose}
                    withTime
                  />
                </li>
              ) : (
                <li key={`${entry.oven} ${entry.at}`} className="px-2 text-[0.86rem] font-semibold text-warm">
                  {clock(entry.at)} {entry.words}
                </li>
              ),
            )}
          </ol>
        </div>
      ))}
    </section>
  );
}
