import type { MealBrief, MealPlan, MealTask } from "../../api";
import { later, minuteOf } from "../time";

type Done = NonNullable<MealBrief["done"]>[number];

/** Marks everything that was to begin by then, as planned; what was to begin later is still to do. */
export function asPlannedUntil(plan: MealPlan, meal: MealBrief, until: string): Done[] {
  const kept = meal.done ?? [];
  const known = new Set(kept.map((d) => d.task));
  const more = plan.tasks
    .filter((t) => !known.has(t.id) && minuteOf(t.from) < minuteOf(until))
    .map((t) => ({ task: t.id, from: t.from, to: t.to }));
  return [...kept, ...more];
}

/** Going on from a moment at which we are so many minutes behind. */
export function behind(plan: MealPlan, meal: MealBrief, now: string, minutes: number): Partial<MealBrief> {
  return { done: asPlannedUntil(plan, meal, later(now, -minutes)), now, order: undefined };
}

/** One task, begun or done, took so much longer. */
export function longer(meal: MealBrief, task: MealTask, minutes: number): Done[] {
  const others = (meal.done ?? []).filter((d) => d.task !== task.id);
  return [...others, { task: task.id, from: task.from, to: later(task.to, minutes) }];
}

export function undone(meal: MealBrief, task: MealTask): Done[] {
  return (meal.done ?? []).filter((d) => d.task !== task.id);
}

export function isDone(meal: MealBrief, task: MealTask): boolean {
  return (meal.done ?? []).some((d) => d.task === task.id);
}
