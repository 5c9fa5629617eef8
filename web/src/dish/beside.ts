import type { Build } from "../api";

const A_CRUMB = 2;

/** What goes on no layer: what is left over, and what is served with the dish, of which some has no weight. */
export function beside(build: Build) {
  return build.leftovers.filter((l) => l.grams === 0 || l.grams >= A_CRUMB);
}
