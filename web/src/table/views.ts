import type { MealPlan } from "../api";
import { told } from "../messages";

export const VIEWS = ["guests", "kitchen", "clock", "apart", "shopping", "serve"] as const;
export type View = (typeof VIEWS)[number];

export const VIEW_WORDS: Record<View, string> = {
  guests: told("web.table.who-eats-what"),
  kitchen: told("web.table.kitchen-and-times"),
  clock: told("web.table.clock"),
  apart: told("web.table.kept-apart"),
  shopping: told("web.table.shopping"),
  serve: told("web.table.at-the-table"),
};

export function isView(text: string | undefined): text is View {
  return VIEWS.includes(text as View);
}

/** What on a view still needs the cook's eye, in a few words. */
export function attention(view: View, plan: MealPlan | undefined): string | null {
  if (!plan) return null;
  switch (view) {
    case "guests":
      return plan.gaps.length ? told("web.table.without", plan.gaps.length) : null;
    case "kitchen":
      return plan.missing.length ? told("web.table.missing", plan.missing.length) : null;
    case "clock":
      return plan.lateMinutes ? told("web.table.min-late", plan.lateMinutes) : null;
    case "apart":
      return plan.breaches.length ? told("web.table.broken", plan.breaches.length) : null;
    default:
      return null;
  }
}
