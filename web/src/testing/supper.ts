import type { KeptMeal, MealPlan } from "../api";
import meal from "./supperMeal.json";
import plan from "./supperPlan.json";

/** A supper of four bakes for twelve, four of them with needs, as the server keeps and plans it. */
export const supper = () => structuredClone(meal) as unknown as KeptMeal;

export const supperPlan = () => structuredClone(plan) as unknown as MealPlan;
