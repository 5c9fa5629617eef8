export { CardPage } from "./card/CardPage";
export { DishPage } from "./DishPage";
