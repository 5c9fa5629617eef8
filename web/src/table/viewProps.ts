import type { KeptMeal, MealBrief, MealPlan } from "../api";

export interface ViewProps {
  kept: KeptMeal;
  meal: MealBrief;
  plan: MealPlan;
  change: (part: Partial<MealBrief>) => void;
}
