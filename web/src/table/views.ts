import type { MealPlan } from "../api";

export const VIEWS = ["guests", "kitchen", "clock", "apart", "shopping", "serve"] as const;
export type View = (typeof VIEWS)[number];

export const VIEW_WORDS: Record<View, string> = {
  guests: "Who eats what",
  kitchen: "Kitchen and times",
  clock: "Clock",
  apart: "Kept apart",
  shopping: "Shopping",
  serve: "At the table",
};

export function isView(text: string | undefined): text is View {
  return VIEWS.includes(text as View);
}

/** What on a view still needs the cook's eye, in a few words. */
export function attention(view: View, plan: MealPlan | undefined): string | null {
  if (!plan) return null;
  switch (view) {
    case "guests":
      return plan.gaps.length ? `${plan.gaps.length} without` : null;
    case "kitchen":
      return plan.missing.length ? `${plan.missing.length} missing` : null;
    case "clock":
      return plan.lateMinutes ? `${plan.lateMinutes} min late` : null;
    case "apart":
      return plan.breaches.length ? `${plan.breaches.length} broken` : null;
    default:
      return null;
  }
}
