export { DishPage } from "./DishPage";
