export { MealPage } from "./MealPage";
export { Meals } from "./Meals";
export { PrintPage } from "./PrintPage";
