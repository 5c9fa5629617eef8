import type { MealPlan, MealTask } from "../../api";
import { minuteOf } from "../time";

export interface Block {
  task: MealTask;
  /** Rows of the grid: from this moment to that one, counted from 0. */
  start: number;
  end: number;
  kind: "hands" | "burner" | "oven" | "waits";
  /** Which of its kind: cook, burner, shelf or place to stand, counted from 0. */
  lane: number;
}

export interface Row {
  minute: number;
  minutes: number;
  /** Nobody has anything to do, and nothing cooks. */
  idle: boolean;
}

export interface Lanes {
  rows: Row[];
  blocks: Block[];
  cooks: number;
  burners: number;
  shelves: { oven: number; shelf: number }[];
  waits: number;
}

/** Longer than this with nothing to do is folded up. */
const IDLE = 20;
/** Shorter waits are not worth a lane of their own. */
const SHORT_WAIT = 5;
const MOST_WAITING = 3;

interface Span {
  task: MealTask;
  kind: Block["kind"];
  lane: number;
  from: number;
  to: number;
}

/** The clock as lanes that run down the page: a row between any two moments at which something begins or ends. */
export function lanes(plan: MealPlan, cooks: number): Lanes {
  const shelves = shelvesOf(plan);
  const burning = dealt(
    plan.tasks.filter((t) => t.burner),
    (t) => minuteOf(t.from),
    Number.POSITIVE_INFINITY,
  );
  const waiting = dealt(
    plan.tasks.filter((t) => !t.burner && !t.oven && handsOff(t) + SHORT_WAIT <= minuteOf(t.to)),
    handsOff,
    MOST_WAITING,
  );
  const busy: Span[] = [
    ...plan.tasks.flatMap((task) =>
      task.hands.map((h) => ({
        task,
        kind: "hands" as const,
        lane: h.cook - 1,
        from: minuteOf(h.from),
        to: minuteOf(h.to),
      })),
    ),
    ...burning.map((d) => ({ ...d, kind: "burner" as const })),
    ...plan.tasks
      .filter((t) => t.oven)
      .map((task) => ({
        task,
        kind: "oven" as const,
        lane: shelves.findIndex((s) => s.oven === task.oven?.oven && s.shelf === task.oven?.shelf),
        from: minuteOf(task.from),
        to: minuteOf(task.to),
      })),
  ];
  const all: Span[] = [...busy, ...waiting.map((d) => ({ ...d, kind: "waits" as const }))];
  const moments = [...new Set(all.flatMap((s) => [s.from, s.to]))].sort((a, b) => a - b);
  const at = new Map(moments.map((m, i) => [m, i]));
  return {
    rows: moments.slice(0, -1).map((minute, i) => ({
      minute,
      minutes: moments[i + 1] - minute,
      idle: moments[i + 1] - minute > IDLE && !busy.some((s) => s.from < moments[i + 1] && s.to > minute),
    })),
    blocks: all.map((s) => ({
      task: s.task,
      kind: s.kind,
      lane: s.lane,
      start: at.get(s.from) ?? 0,
      end: Math.max((at.get(s.from) ?? 0) + 1, at.get(s.to) ?? 0),
    })),
    cooks: Math.max(cooks, ...plan.tasks.flatMap((t) => t.hands.map((h) => h.cook))),
    burners: lanesOf(burning),
    shelves,
    waits: lanesOf(waiting),
  };
}

function handsOff(task: MealTask): number {
  return Math.max(minuteOf(task.from), ...task.hands.map((h) => minuteOf(h.to)));
}

function shelvesOf(plan: MealPlan): Lanes["shelves"] {
  const used = new Map<string, { oven: number; shelf: number }>();
  for (const { oven } of plan.tasks) if (oven) used.set(`${oven.oven} ${oven.shelf}`, oven);
  return [...used.values()]
    .map(({ oven, shelf }) => ({ oven, shelf }))
    .sort((a, b) => a.oven - b.oven || a.shelf - b.shelf);
}

const lanesOf = (dealt: readonly { lane: number }[]) => Math.max(0, ...dealt.map((d) => d.lane + 1));

/** Each into the first lane that is free; beyond the most lanes, into the last. */
function dealt(tasks: readonly MealTask[], begins: (task: MealTask) => number, most: number) {
  const free: number[] = [];
  return [...tasks]
    .sort((a, b) => begins(a) - begins(b))
    .map((task) => {
      const from = begins(task);
      const to = minuteOf(task.to);
      let lane = free.findIndex((until) => until <= from);
      if (lane < 0) lane = Math.min(free.length, most - 1);
      free[lane] = Math.max(to, free[lane] ?? 0);
      return { task, lane, from, to };
    });
}
