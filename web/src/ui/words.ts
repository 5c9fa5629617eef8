import type { Family, Part } from "../api";

export const PART_WORDS: Record<Part, string> = {
  structure: "Structure",
  filling: "Filling",
  "red-sauce": "Red sauce",
  "white-sauce": "White sauce",
  "soft-cheese": "Soft cheese",
  "melting-cheese": "Melting cheese",
  "hard-cheese": "Hard cheese",
  topping: "Topping",
  binder: "Binder",
  seasoning: "Seasoning",
  "pan-release": "Pan release",
};

export const FAMILY_WORDS: Record<Family, string> = {
  lasagna: "Lasagna",
  gratin: "Gratin",
  moussaka: "Moussaka",
  "pasta-bake": "Pasta bake",
  "stuffed-tubes": "Stuffed tubes",
  rolled: "Rolled wraps",
  "pot-pie": "Pot pie",
  "mash-topped": "Mash-topped pie",
  strata: "Strata",
  batter: "Batter bake",
  casserole: "Casserole",
};

export const NEEDS = ["gluten-free", "dairy-free", "vegan", "vegetarian", "egg-free", "nut-free", "soy-free"] as const;

export const ALLERGENS = [
  "wheat",
  "barley",
  "rye",
  "oats",
  "milk",
  "egg",
  "soy",
  "peanut",
  "tree-nut:almond",
  "tree-nut:cashew",
  "tree-nut:hazelnut",
  "tree-nut:walnut",
  "tree-nut:pecan",
  "tree-nut:brazil",
  "tree-nut:pistachio",
  "tree-nut:macadamia",
  "tree-nut:chestnut",
  "tree-nut:pine",
  "sesame",
  "fish",
  "crustacean",
  "mollusc",
  "mustard",
  "celery",
  "lupin",
  "sulphite",
] as const;

export function allergenWord(id: string): string {
  return id.replace(/^tree-nut:/, "");
}

const MANY_NUTS = 6;

/** Allergens as a cook says them: many tree nuts are one word. */
export function allergenWords(ids: readonly string[]): string[] {
  const nuts = ids.filter((id) => id.startsWith("tree-nut:"));
  const rest = ids.filter((id) => !id.startsWith("tree-nut:"));
  return nuts.length >= MANY_NUTS ? [...rest, "tree nuts"] : ids.map(allergenWord);
}

export function sentence(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1);
}

/** 85 g, 1.25 kg: rounded as scales are read. */
/** What the dials show: °C in fives, with °F beside it where the recipe's is a Fahrenheit step. */
export function dial(celsius: number): string {
  const shown = `${5 * Math.round(celsius / 5)} °C`;
  const exact = Math.abs(celsius / 5 - Math.round(celsius / 5)) < 0.01;
  return exact ? shown : `${shown} (${Math.round((celsius * 9) / 5 + 32)} °F)`;
}

export function grams(value: number): string {
  if (value < 10) return `${Math.round(value * 2) / 2} g`;
  if (value < 50) return `${Math.round(value)} g`;
  if (value < 997.5) return `${5 * Math.round(value / 5)} g`;
  return `${(Math.round(value / 10) / 100).toString()} kg`;
}

export function minutes(value: number): string {
  const hours = Math.floor(value / 60);
  const rest = value % 60;
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

export function percent(share: number): string {
  return `${Math.round(share * 100)} %`;
}

/** +140 g, −35 g, none: a change as the cook weighs it. Below a gram it is none, but salt is told to a tenth. */
export function change(value: number, fine = false): string {
  const rounded = fine
    ? Math.round(value * 10) / 10
    : Math.abs(value) < 1
      ? 0
      : Math.abs(value) < 50
        ? Math.round(value)
        : 5 * Math.round(value / 5);
  return rounded === 0 ? "same" : `${rounded > 0 ? "+" : "−"}${Math.abs(rounded)} g`;
}
