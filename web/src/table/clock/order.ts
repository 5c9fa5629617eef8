import type { Breach, Gear, MealBrief, MealPlan, MealTask } from "../../api";
import { told } from "../../messages";

/** What the cook may put into another order: work of hands at the worktop, and washing up. */
export function isMovable(task: MealTask): boolean {
  return task.wash || (task.surface !== undefined && task.surface !== null);
}

/** The order of a plan, as ids of what may be moved, and of what the cook's own order names besides. */
export function orderOf(plan: MealPlan, kept?: readonly string[] | null): string[] {
  return plan.tasks.filter((t) => isMovable(t) || kept?.includes(t.id)).map((t) => t.id);
}

export type Moved = { order: string[] } | { refused: string };

/** Puts a task at another place in the order, or says what it needs first. */
export function move(plan: MealPlan, id: string, to: number, kept?: readonly string[] | null): Moved {
  const order = orderOf(plan, kept);
  const from = order.indexOf(id);
  if (from < 0) return { refused: told("web.table.this-goes-by-the-ovens-clock") };
  const next = order.filter((t) => t !== id);
  next.splice(Math.max(0, Math.min(next.length, to)), 0, id);
  const broken = outOfOrder(plan, next);
  return broken ? { refused: broken } : { order: next };
}

function outOfOrder(plan: MealPlan, order: readonly string[]): string | null {
  const place = new Map(order.map((id, i) => [id, i]));
  for (const task of plan.tasks) {
    const here = place.get(task.id);
    if (here === undefined) continue;
    for (const before of needs(plan, task)) {
      const there = place.get(before.id);
      if (there !== undefined && there > here) return told("web.table.needs-first", task.words, before.words);
    }
  }
  return null;
}

/** All that comes before a task, also by way of what is not moved by hand. */
function needs(plan: MealPlan, task: MealTask): MealTask[] {
  const byId = new Map(plan.tasks.map((t) => [t.id, t]));
  const all = new Set<MealTask>();
  const visit = (t: MealTask) => {
    for (const id of t.after) {
      const before = byId.get(id);
      if (before && !all.has(before)) {
        all.add(before);
        visit(before);
      }
    }
  };
  visit(task);
  return [...all];
}

const MEND_WORDS: Record<Breach["ways"][number], string> = {
  wash: told("web.table.wash-up-before-it"),
  first: told("web.table.do-this-first"),
  "own-tool": told("web.table.have-one-of-its-own"),
  cover: told("web.table.cover-it-in-the-oven"),
};

export interface Mend {
  words: string;
  change: Partial<MealBrief>;
}

/** Each way to mend a breach, as the change of the meal it is. */
export function mends(breach: Breach, plan: MealPlan, meal: MealBrief, gear: Gear | undefined): Mend[] {
  return breach.ways.flatMap((way) => {
    const change = mended(way, breach, plan, meal, gear);
    return change ? [{ words: MEND_WORDS[way], change }] : [];
  });
}

function mended(
  way: Breach["ways"][number],
  breach: Breach,
  plan: MealPlan,
  meal: MealBrief,
  gear: Gear | undefined,
): Partial<MealBrief> | null {
  switch (way) {
    case "wash":
      return { order: withWash(plan, breach, meal.order) };
    case "first":
      return firstBefore(plan, breach.task, breach.from, meal.order);
    case "own-tool":
      return ownTool(breach, plan, meal, gear);
    case "cover": {
      const dish = plan.tasks.find((t) => t.id === breach.task)?.dishes[0];
      return { dishes: meal.dishes?.map((d, i) => (i === dish ? { ...d, covered: true } : d)) };
    }
  }
}

/** Washing up between the two tasks; what of them goes by the oven's clock is then named in the order too. */
function withWash(plan: MealPlan, breach: Breach, kept?: readonly string[] | null): string[] {
  const order = orderOf(plan, [...(kept ?? []), breach.task, breach.from]);
  let number = 1;
  while (order.includes(`wash-${number}`)) number++;
  order.splice(order.indexOf(breach.task), 0, `wash-${number}`);
  return order;
}

/** The strict task, and what it needs, before the one that endangers it. */
function firstBefore(
  plan: MealPlan,
  task: string,
  other: string,
  kept?: readonly string[] | null,
): Partial<MealBrief> | null {
  const order = orderOf(plan, [...(kept ?? []), task]);
  const strict = plan.tasks.find((t) => t.id === task);
  const at = order.indexOf(other);
  if (!strict || at < 0) return null;
  const group = new Set([...needs(plan, strict).map((t) => t.id), task]);
  if (group.has(other)) return null;
  const late = order.slice(at).filter((id) => group.has(id));
  const next = [...order.slice(0, at), ...late, ...order.slice(at).filter((id) => !group.has(id))];
  return outOfOrder(plan, next) ? null : { order: next };
}

function ownTool(breach: Breach, plan: MealPlan, meal: MealBrief, gear: Gear | undefined): Partial<MealBrief> | null {
  const held = plan.tasks.find((t) => t.id === breach.task)?.tools.find((h) => h.item === breach.tool);
  if (!held) return null;
  const tools = meal.kitchen?.tools ?? [];
  const said = tools.some((t) => t.tool === held.tool);
  const usual = gear?.tools.find((k) => k.tool === held.tool)?.count ?? 1;
  const common = said ? [] : [{ tool: held.tool, count: usual, material: held.material }];
  const own = { tool: held.tool, count: 1, material: held.material, keptFor: told("web.table.strict-food") };
  return { kitchen: { ...meal.kitchen, tools: [...tools, ...common, own] } };
}
