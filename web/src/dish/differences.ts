import type { Brief } from "../api";

export interface Difference {
  what: string;
  mine: string;
  theirs: string;
}

const words: Record<string, (b: Brief) => string> = {
  Title: (b) => b.title ?? "",
  Needs: (b) =>
    [...(b.needs ?? []), ...(b.avoid ?? []).map((a) => `no ${a}`), b.strict ? "strict" : "by ingredient"].join(", "),
  Servings: (b) => (b.servings == null ? "as the recipe" : String(b.servings)),
  Pan: (b) =>
    b.pan
      ? [
          b.pan.shape,
          b.pan.diameterMm ?? `${b.pan.lengthMm} × ${b.pan.widthMm}`,
          `${b.pan.depthMm} deep`,
          b.pan.material,
        ].join(" ")
      : "as the recipe",
  Oven: (b) =>
    b.oven
      ? `${b.oven.celsius ?? "usual"} °C${b.oven.fan ? " fan" : ""}, from ${b.oven.start ?? "room"}${b.oven.phases ? `, ${b.oven.phases.covered ?? 0} min covered and ${b.oven.phases.open ?? 0} open` : ""}`
      : "as the recipe",
  Swaps: (b) => Object.values(b.choices ?? {}).join(", ") || "the usual",
  Prep: (b) =>
    Object.entries(b.prep?.mends ?? {})
      .map(([k, v]) => `${k} ${v}`)
      .join(", ") || "as planned",
  Build: (b) =>
    [b.build?.order?.join(", "), b.build?.sheetLayers && `${b.build.sheetLayers} layers of sheets`, b.build?.fit]
      .filter(Boolean)
      .join("; ") || "the usual order",
  Recipe: (b) => (b.recipe?.lines?.length ? b.recipe.lines.map((l) => l.text).join("; ") : (b.recipe?.text ?? "")),
  Notes: (b) => b.notes ?? "",
};

/** What two briefs of one dish say differently, in a cook's words. */
export function differences(mine: Brief, theirs: Brief): Difference[] {
  return Object.entries(words)
    .map(([what, say]) => ({ what, mine: say(mine), theirs: say(theirs) }))
    .filter((row) => row.mine !== row.theirs);
}
