import { told } from "../messages";
import type {
  Brief,
  ComponentRecipe,
  Dish,
  Gear,
  House,
  HouseChoices,
  KeptHouse,
  KeptMeal,
  LabelReading,
  LarderItem,
  MealBrief,
  MealPlan,
  NamedPan,
  Near,
  OneOrApart,
  Plan,
  ProblemBody,
  Product,
  ProductInput,
  Recipe,
  Revision,
  SharedOven,
  ShelfDish,
  WhatIf,
  Wording,
} from "./types";

/** The server answered, and refused. */
export class Refusal extends Error {
  constructor(readonly problem: ProblemBody) {
    super(problem.detail);
  }
}

/** Nobody answered: the server or its database is away. */
export class Away extends Error {
  constructor(readonly database: boolean) {
    super(database ? told("web.ui.nabes-database-is-not-answering") : told("web.ui.nabe-is-not-answering"));
  }
}

async function ask<T>(
  method: string,
  path: string,
  body?: unknown,
  version?: number,
  signal?: AbortSignal,
): Promise<T> {
  const headers: Record<string, string> = { Accept: "application/json" };
  if (body !== undefined) headers["Content-Type"] = "application/json";
  if (version !== undefined) headers["If-Match"] = `"${version}"`;
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers,
      body: body === undefined ? undefined : JSON.stringify(body),
      signal,
    });
  } catch (e) {
    if (signal?.aborted) throw e;
    throw new Away(false);
  }
  if (response.status === 204) return undefined as T;
  if (response.ok) return (await response.json()) as T;
  if (response.status === 503 || response.status === 502) throw new Away(true);
  throw new Refusal(await problemOf(response));
}

async function problemOf(response: Response): Promise<ProblemBody> {
  try {
    return (await response.json()) as ProblemBody;
  } catch {
    return {
      title: told("web.ui.nabe-made-a-mistake"),
      detail: told("web.ui.the-answer-could-not-be-read"),
      status: response.status,
    };
  }
}

export const api = {
  read: (text: string) => ask<Recipe>("POST", "/api/recipes/read", { text }),
  plan: (brief: Brief, signal?: AbortSignal) => ask<Plan>("POST", "/api/plans", brief, undefined, signal),
  whatIf: (briefs: readonly Brief[], signal?: AbortSignal) =>
    ask<WhatIf[]>("POST", "/api/plans/what-if", { briefs }, undefined, signal),
  dishes: () => ask<Dish[]>("GET", "/api/dishes"),
  dish: (id: string) => ask<Dish>("GET", `/api/dishes/${id}`),
  shelf: () => ask<ShelfDish[]>("GET", "/api/shelf"),
  revisions: (id: string) => ask<Revision[]>("GET", `/api/dishes/${id}/revisions`),
  create: (brief: Brief) => ask<Dish>("POST", "/api/dishes", brief),
  change: (id: string, version: number, brief: Brief) => ask<Dish>("PUT", `/api/dishes/${id}`, brief, version),
  putAway: (id: string) => ask<void>("DELETE", `/api/dishes/${id}`),
  putBack: (id: string) => ask<Dish>("POST", `/api/dishes/${id}/back`),
  undo: (id: string, version: number) => ask<Dish>("POST", `/api/dishes/${id}/undo`, undefined, version),
  redo: (id: string, version: number) => ask<Dish>("POST", `/api/dishes/${id}/redo`, undefined, version),
  label: (text: string) => ask<LabelReading>("POST", "/api/labels/read", { text }),
  oneOrApart: (brief: Brief) => ask<OneOrApart>("POST", "/api/plans/one-or-apart", brief),
  near: (words: string) => ask<Near[]>("GET", `/api/larder/near?words=${encodeURIComponent(words)}`),
  components: () => ask<ComponentRecipe[]>("GET", "/api/larder/components"),
  products: () => ask<Product[]>("GET", "/api/larder/products"),
  keepProduct: (product: ProductInput, id?: string) =>
    ask<Product>(id ? "PUT" : "POST", `/api/larder/products${id ? `/${id}` : ""}`, product),
  discardProduct: (id: string) => ask<void>("DELETE", `/api/larder/products/${id}`),
  wordings: () => ask<Wording[]>("GET", "/api/larder/wordings"),
  remember: (words: string, ingredient: string) => ask<Wording>("PUT", "/api/larder/wordings", { words, ingredient }),
  forget: (words: string) => ask<void>("DELETE", `/api/larder/wordings?words=${encodeURIComponent(words)}`),
  house: () => ask<KeptHouse>("GET", "/api/house"),
  houseChoices: () => ask<HouseChoices>("GET", "/api/house/choices"),
  saveHouse: (house: House, version: number) => ask<KeptHouse>("PUT", "/api/house", house, version),
  shareOven: (dishIds: string[]) => ask<SharedOven>("POST", "/api/ovens/share", { dishIds }),
  pans: () => ask<NamedPan[]>("GET", "/api/pans"),
  meals: () => ask<KeptMeal[]>("GET", "/api/meals"),
  meal: (id: string) => ask<KeptMeal>("GET", `/api/meals/${id}`),
  layMeal: (meal: MealBrief) => ask<KeptMeal>("POST", "/api/meals", meal),
  changeMeal: (id: string, version: number, meal: MealBrief) => ask<KeptMeal>("PUT", `/api/meals/${id}`, meal, version),
  putMealAway: (id: string) => ask<void>("DELETE", `/api/meals/${id}`),
  putMealBack: (id: string) => ask<KeptMeal>("POST", `/api/meals/${id}/back`),
  undoMeal: (id: string, version: number) => ask<KeptMeal>("POST", `/api/meals/${id}/undo`, undefined, version),
  mealPlan: (id: string, first: boolean) => ask<MealPlan>("GET", `/api/meals/${id}/plan?first=${first}`),
  gear: () => ask<Gear>("GET", "/api/meals/gear"),
  ticks: (id: string) => ask<string[]>("GET", `/api/meals/${id}/ticks`),
  tick: (id: string, item: string, ticked: boolean) => ask<string[]>("PUT", `/api/meals/${id}/ticks`, { item, ticked }),
  larder: () => ask<LarderItem[]>("GET", "/api/larder/ingredients"),
};
