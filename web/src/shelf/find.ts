import type { ShelfDish } from "../api";
import { told } from "../messages";
import { allergenWord, FAMILY_WORDS, needWord } from "../ui";

export type Order = "changed" | "name" | "kind";

/** Dishes that have every word somewhere in name, kind or needs; as they come, the last changed is first. */
export function found(dishes: readonly ShelfDish[], words: string, order: Order): ShelfDish[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  const fitting = dishes.filter((d) => wanted.every((w) => text(d).includes(w)));
  if (order === "changed") return fitting;
  const key = order === "name" ? (d: ShelfDish) => d.title : (d: ShelfDish) => `${kind(d)} ${d.title}`;
  return [...fitting].sort((a, b) => key(a).localeCompare(key(b), "en", { sensitivity: "base" }));
}

function kind(dish: ShelfDish): string {
  return dish.family ? FAMILY_WORDS[dish.family] : "";
}

function text(dish: ShelfDish): string {
  return [
    dish.title,
    kind(dish),
    ...dish.needs.map(needWord),
    ...dish.avoid.map((a) => told("web.ui.no", allergenWord(a))),
  ]
    .join(" ")
    .toLowerCase();
}
