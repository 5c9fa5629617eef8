import type { components } from "./schema";

type Schemas = components["schemas"];

export type Brief = Schemas["BriefRequest"];
export type RecipeInBrief = Schemas["RecipeRequest"];
export type LineInBrief = Schemas["LineRequest"];
export type PanInBrief = Schemas["PanRequest"];
export type OvenInBrief = Schemas["OvenRequest"];
export type Dish = Schemas["DishView"];
export type ShelfDish = Schemas["ShelfView"];
export type Revision = Schemas["RevisionView"];
export type Recipe = Schemas["RecipeView"];
export type Line = Schemas["LineView"];
export type Procedure = Schemas["Procedure"];
export type Vessel = Schemas["Vessel"];
export type Placement = Schemas["Placement"];
export type OvenPhase = Schemas["OvenPhase"];
export type Correction = Schemas["CorrectionRequest"];
export type Plan = Schemas["PlanView"];
export type Build = Schemas["BuildPlan"];
export type Layer = Schemas["Layer"];
export type Laid = Schemas["Laid"];
export type Piece = Schemas["Piece"];
export type Pan = Schemas["Pan"];
export type NamedPan = Schemas["Named"];
export type PrepStep = Schemas["PrepStep"];
export type WaterBudget = Schemas["WaterBudget"];
export type SaltBudget = Schemas["SaltBudget"];
export type SauceThickness = Schemas["SauceThickness"];
export type Swap = Schemas["Swap"];
export type Becomes = Schemas["Becomes"];
export type Phase = Schemas["Phase"];
export type Bake = Schemas["BakePlan"];
export type Forecast = Schemas["Forecast"];
export type Picture = Schemas["Picture"];
export type SharedOven = Schemas["Shared"];
export type Caution = Schemas["Caution"];
export type ShoppingItem = Schemas["ShoppingItem"];
export type LabelReading = Schemas["LabelReading"];
export type LarderItem = Schemas["LarderItem"];
export type Alternative = Schemas["Alternative"];
export type Cost = Schemas["Cost"];
export type Fidelity = Schemas["Fidelity"];
export type MadeComponent = Schemas["MadeComponent"];
export type Difference = Schemas["Difference"];
export type ComponentRecipe = Schemas["ComponentView"];
export type House = Schemas["HouseRequest"];
export type KeptHouse = Schemas["HouseView"];
export type Person = Schemas["PersonRequest"];
export type HouseChoices = Schemas["ChoicesView"];
export type Question = Schemas["Question"];
export type Product = Schemas["ProductView"];
export type ProductInput = Schemas["ProductRequest"];
export type Wording = Schemas["WordingView"];
export type Part = Layer["part"];
export type Family = Recipe["family"];

/** What the server says when it cannot do as asked (RFC 9457). */
export interface ProblemBody {
  title: string;
  detail: string;
  status: number;
  current?: Dish;
}
