import type { Family, Part } from "../api";
import { told } from "../messages";

const PARTS = [
  "structure",
  "filling",
  "red-sauce",
  "white-sauce",
  "soft-cheese",
  "melting-cheese",
  "hard-cheese",
  "topping",
  "binder",
  "seasoning",
  "pan-release",
] as const satisfies readonly Part[];

const FAMILIES = [
  "lasagna",
  "gratin",
  "moussaka",
  "pasta-bake",
  "stuffed-tubes",
  "rolled",
  "pot-pie",
  "mash-topped",
  "strata",
  "batter",
  "casserole",
] as const satisfies readonly Family[];

export const PART_WORDS = words("part", PARTS);

export const FAMILY_WORDS = words("family", FAMILIES);

function words<T extends string>(kind: string, ids: readonly T[]): Record<T, string> {
  return Object.fromEntries(ids.map((id) => [id, told(`recipe.${kind}-${id}`)])) as Record<T, string>;
}

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

export function isNeed(id: string): boolean {
  return (NEEDS as readonly string[]).includes(id);
}

/** As a cook says it; what is no need of ours is said as it was given. */
export function needWord(id: string): string {
  return isNeed(id) ? told(`recipe.need-${id}`) : id;
}

export function allergenWord(id: string): string {
  return (ALLERGENS as readonly string[]).includes(id) ? told(`recipe.allergen-${id.replace(":", "-")}`) : id;
}

const MANY_NUTS = 6;

/** Allergens as a cook says them: many tree nuts are one word. */
export function allergenWords(ids: readonly string[]): string[] {
  const nuts = ids.filter((id) => id.startsWith("tree-nut:"));
  const rest = ids.filter((id) => !id.startsWith("tree-nut:"));
  return nuts.length >= MANY_NUTS ? [...rest, told("web.ui.tree-nuts")] : ids.map(allergenWord);
}

export function sentence(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1);
}

/** What the dials show: °C in fives, with °F beside it where the recipe's is a Fahrenheit step. */
export function dial(celsius: number): string {
  const shown = `${5 * Math.round(celsius / 5)} °C`;
  const exact = Math.abs(celsius / 5 - Math.round(celsius / 5)) < 0.01;
  return exact ? shown : `${shown} (${Math.round((celsius * 9) / 5 + 32)} °F)`;
}

/** 85 g, 1.25 kg: rounded as scales are read. */
export function grams(value: number): string {
  if (value < 10) return told("web.ui.grams", Math.round(value * 2) / 2);
  if (value < 50) return told("web.ui.grams", Math.round(value));
  if (value < 997.5) return told("web.ui.grams", 5 * Math.round(value / 5));
  return told("web.ui.kg", (Math.round(value / 10) / 100).toString());
}

export function minutes(value: number): string {
  const hours = Math.floor(value / 60);
  const rest = value % 60;
  if (hours === 0) return told("web.ui.min", rest);
  return rest === 0 ? told("web.ui.hours", hours) : told("web.ui.hours-and-min", hours, rest);
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
  return rounded === 0 ? told("web.ui.same") : told("web.ui.more-or-less-grams", rounded > 0, Math.abs(rounded));
}
