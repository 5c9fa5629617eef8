import type { Bought } from "../../api";
import { told } from "../../messages";

/** The list by place in the shop, what a kitchen has anyway at the end. */
export function places(all: readonly Bought[]): { place: string; items: Bought[] }[] {
  const found = new Map<string, Bought[]>();
  for (const item of all) {
    const place = item.pantry ? told("web.table.from-the-cupboard") : item.place;
    found.set(place, [...(found.get(place) ?? []), item]);
  }
  return [...found].map(([place, items]) => ({ place, items }));
}
