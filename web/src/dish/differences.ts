import type { Brief } from "../api";
import { told } from "../messages";

export interface Difference {
  what: string;
  mine: string;
  theirs: string;
}

const ROWS: { what: string; of: (b: Brief) => string }[] = [
  { what: told("web.dish.row-title"), of: (b) => b.title ?? "" },
  {
    what: told("web.dish.row-needs"),
    of: (b) =>
      [
        ...(b.needs ?? []),
        ...(b.avoid ?? []).map((a) => told("web.ui.no", a)),
        told("web.dish.how-strict", Boolean(b.strict)),
      ].join(", "),
  },
  {
    what: told("web.dish.row-servings"),
    of: (b) => (b.servings == null ? told("web.dish.as-the-recipe-said") : String(b.servings)),
  },
  {
    what: told("web.dish.row-pan"),
    of: (b) =>
      b.pan
        ? [
            b.pan.shape,
            b.pan.diameterMm ?? `${b.pan.lengthMm} × ${b.pan.widthMm}`,
            told("web.dish.deep", b.pan.depthMm),
            b.pan.material,
          ].join(" ")
        : told("web.dish.as-the-recipe-said"),
  },
  {
    what: told("web.dish.row-oven"),
    of: (b) =>
      b.oven
        ? told(
            "web.dish.fan-from",
            b.oven.celsius ?? told("web.dish.usual"),
            Boolean(b.oven.fan),
            b.oven.start ?? "room",
            b.oven.phases
              ? told("web.dish.min-covered-and-open", b.oven.phases.covered ?? 0, b.oven.phases.open ?? 0)
              : "",
          )
        : told("web.dish.as-the-recipe-said"),
  },
  {
    what: told("web.dish.row-swaps"),
    of: (b) => Object.values(b.choices ?? {}).join(", ") || told("web.dish.the-usual"),
  },
  {
    what: told("web.dish.row-prep"),
    of: (b) =>
      Object.entries(b.prep?.mends ?? {})
        .map(([k, v]) => `${k} ${v}`)
        .join(", ") || told("web.dish.as-planned"),
  },
  {
    what: told("web.dish.row-build"),
    of: (b) =>
      [
        b.build?.order?.join(", "),
        b.build?.sheetLayers && told("web.dish.so-many-layers-of-sheets", b.build.sheetLayers),
        b.build?.fit,
      ]
        .filter(Boolean)
        .join("; ") || told("web.dish.the-usual-order"),
  },
  {
    what: told("web.dish.row-recipe"),
    of: (b) => (b.recipe?.lines?.length ? b.recipe.lines.map((l) => l.text).join("; ") : (b.recipe?.text ?? "")),
  },
  { what: told("web.dish.row-notes"), of: (b) => b.notes ?? "" },
];

/** What two briefs of one dish say differently, in a cook's words. */
export function differences(mine: Brief, theirs: Brief): Difference[] {
  return ROWS.map(({ what, of }) => ({ what, mine: of(mine), theirs: of(theirs) })).filter(
    (row) => row.mine !== row.theirs,
  );
}
