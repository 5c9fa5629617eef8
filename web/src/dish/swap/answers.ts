import type { Alternative, Swap } from "../../api";
import { told } from "../../messages";
import { minutes } from "../../ui";

export type Answer = Pick<
  Alternative,
  "rule" | "becomes" | "dish" | "onlyIf" | "fidelity" | "cost" | "check" | "reason"
>;

/** The taken answer first, then the others, the best for the house first, and last what will do for some only. */
export function answersOf(swap: Swap): Answer[] {
  const taken: Answer[] = swap.becomes.length ? [{ ...swap, dish: false, onlyIf: undefined }] : [];
  return [...taken, ...swap.alternatives, ...swap.conditional];
}

/** What an answer asks of the cook, in a few words; empty where it asks nothing. */
export function asks({ cost, check }: Answer): string[] {
  return [
    cost.activeMinutes > 0 ? told("web.dish.costs-work", minutes(cost.activeMinutes)) : "",
    cost.passiveMinutes > 0 ? told("web.dish.to-wait", minutes(cost.passiveMinutes)) : "",
    cost.missing.length > 0
      ? told("web.dish.you-have-no", cost.missing.map((t) => t.replaceAll("-", " ")).join(", "))
      : "",
    check ? told("web.dish.read-the-label") : "",
  ].filter(Boolean);
}

/** "sweet rice flour", "oat drink with sunflower oil": what goes in, the main thing first. */
export function named({ becomes }: Pick<Answer, "becomes">): string {
  const [main, ...more] = becomes.map((b) => b.item);
  return more.length ? told("web.dish.with", main, more.join(", ")) : (main ?? "");
}
