export { NewRecipe } from "./NewRecipe";
export { Shelf } from "./Shelf";
