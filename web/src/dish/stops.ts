import type { Plan } from "../api";
import { told } from "../messages";

export const STOPS = ["read", "swap", "prep", "build", "bake", "notes"] as const;
export type Stop = (typeof STOPS)[number];

export const STOP_WORDS: Record<Stop, string> = {
  read: told("web.dish.read"),
  swap: told("web.dish.swap"),
  prep: told("web.dish.prep"),
  build: told("web.dish.build"),
  bake: told("web.dish.bake"),
  notes: told("web.dish.notes"),
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
      return doubts ? told("web.dish.so-many-to-look-at", doubts) : null;
    case "swap":
      return plan.unresolved.length ? told("web.dish.left-out", plan.unresolved.length) : null;
    case "prep":
      return plan.prep.water.state === "short"
        ? told("web.dish.too-dry")
        : plan.prep.water.state === "long"
          ? told("web.dish.too-wet")
          : null;
    case "build":
      return plan.build.overflow ? told("web.dish.too-full") : null;
    case "bake":
      return plan.bake.coreCelsius && !plan.bake.coreReached ? told("web.dish.not-hot-through") : null;
    default:
      return null;
  }
}
