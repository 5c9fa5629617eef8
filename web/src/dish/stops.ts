import type { Plan } from "../api";

export const STOPS = ["read", "swap", "prep", "build", "bake", "notes"] as const;
export type Stop = (typeof STOPS)[number];

export const STOP_WORDS: Record<Stop, string> = {
  read: "Read",
  swap: "Swap",
  prep: "Prep",
  build: "Build",
  bake: "Bake",
  notes: "Notes",
};

export function isStop(word: string | undefined): word is Stop {
  return STOPS.includes(word as Stop);
}

/** What on a stop still needs the cook's eye, in words; null where nothing does. */
export function attention(stop: Stop, plan: Plan | undefined): string | null {
  if (!plan) return null;
  const doubts = plan.recipe.lines.filter((l) => l.doubt).length;
  switch (stop) {
    case "read":
      return doubts ? `${doubts} to look at` : null;
    case "swap":
      return plan.unresolved.length ? `${plan.unresolved.length} left out` : null;
    case "prep":
      return plan.prep.water.state === "short" ? "too dry" : plan.prep.water.state === "long" ? "too wet" : null;
    case "build":
      return plan.build.overflow ? "too full" : null;
    case "bake":
      return plan.bake.coreCelsius && !plan.bake.coreReached ? "not hot through" : null;
    default:
      return null;
  }
}
