export { DishPage } from "./DishPage";
export { CardPage } from "./card/CardPage";
