import type { MealTask } from "../api";

/** A time of day of the one meal that the tests of the clock cook. */
export const at = (time: string) => (time.includes("T") ? time : `2026-11-27T${time}`);

/** A task of one cook at the worktop, from one time of day to another. */
export function task(id: string, from: string, to: string, more: Partial<MealTask> = {}): MealTask {
  return {
    id,
    dishes: [0],
    words: `Do ${id}.`,
    action: "mix",
    hands: [{ cook: 1, from: at(from), to: at(more.to ?? to) }],
    from: at(from),
    to: at(to),
    tools: [],
    surface: "worktop",
    burner: false,
    sitting: 0,
    handles: [],
    guards: [],
    after: [],
    wash: false,
    flour: false,
    cuts: [],
    ...more,
  };
}
