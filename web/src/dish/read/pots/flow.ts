import type { Line, Part, Placement, Procedure, Vessel } from "../../../api";

export const WIDTH = 760;
const ROW = 23;
const TOP = 34;
const BOX = 40;
const BOX_GAP = 12;
const LEAST_LAYER = 21;

export const COLUMNS = { lines: 236, pots: 270, mixtures: 412, dish: 580 };
export const BOX_WIDTH = 122;
export const DISH_WIDTH = 166;

export interface LineRow {
  line: number;
  words: string;
  y: number;
}

export interface PotBox {
  pot: Vessel;
  x: number;
  y: number;
  height: number;
}

export interface DishLayer {
  layer: Placement;
  index: number;
  pot: Vessel;
  part: Part;
  y: number;
  height: number;
}

export interface Band {
  key: string;
  from: { x: number; y: number };
  to: { x: number; y: number };
  width: number;
  line?: number;
  pots: string[];
}

export interface Flow {
  height: number;
  rows: LineRow[];
  boxes: PotBox[];
  layers: DishLayer[];
  bands: Band[];
}

/** Where every line, pot and layer stands, and the bands between them. Sizes in the picture's own units. */
export function flow(procedure: Procedure, lines: readonly Line[]): Flow {
  const used = new Set(procedure.components.flatMap((c) => c.of.flatMap((o) => (o.line == null ? [] : [o.line]))));
  const rows = lines
    .map((line, i) => ({ line: i, words: words(line) }))
    .filter((row) => used.has(row.line))
    .map((row, i) => ({ ...row, y: TOP + i * ROW + ROW / 2 }));
  const boxes = placeBoxes(procedure, rows);
  const bottom = Math.max(TOP + rows.length * ROW, ...boxes.map((b) => b.y + b.height));
  const layers = stack(procedure, bottom);
  const height = Math.max(bottom, ...layers.map((l) => l.y + l.height)) + 26;
  return { height, rows, boxes, layers, bands: bands(procedure, rows, boxes, layers) };
}

function words(line: Line): string {
  const plain = line.text.replace(/^[-*•·\s]+/, "");
  return plain.length > 36 ? `${plain.slice(0, 34).trimEnd()}…` : plain;
}

function placeBoxes(procedure: Procedure, rows: readonly LineRow[]): PotBox[] {
  const yOf = new Map(rows.map((r) => [r.line, r.y]));
  const boxes: PotBox[] = [];
  const isMixture = (pot: Vessel) => pot.of.some((o) => o.component != null);
  for (const mixtures of [false, true]) {
    const column = procedure.components
      .filter((pot) => isMixture(pot) === mixtures)
      .map((pot) => ({ pot, want: middle(pot, yOf, boxes) }))
      .sort((a, b) => a.want - b.want);
    let free = TOP;
    for (const { pot, want } of column) {
      const y = Math.max(free, want - BOX / 2);
      boxes.push({ pot, x: mixtures ? COLUMNS.mixtures : COLUMNS.pots, y, height: BOX });
      free = y + BOX + BOX_GAP;
    }
  }
  return boxes;
}

function middle(pot: Vessel, yOf: ReadonlyMap<number, number>, boxes: readonly PotBox[]): number {
  const at = pot.of.flatMap((o) => {
    const y = o.line != null ? yOf.get(o.line) : boxY(boxes, o.component);
    return y === undefined ? [] : [y];
  });
  return at.length ? at.reduce((a, b) => a + b, 0) / at.length : TOP;
}

function boxY(boxes: readonly PotBox[], id: string | undefined): number | undefined {
  const box = boxes.find((b) => b.pot.id === id);
  return box && box.y + box.height / 2;
}

/** Layers from the bottom up; thin ones stay tall enough to read. */
function stack(procedure: Procedure, bottom: number): DishLayer[] {
  const room = Math.max(bottom - TOP, procedure.layers.length * LEAST_LAYER);
  const weights = procedure.layers.map((l) => Math.sqrt(Math.max(l.share, 0.02)));
  const all = weights.reduce((a, b) => a + b, 0) || 1;
  const spare = Math.min(room - procedure.layers.length * LEAST_LAYER, procedure.layers.length * LEAST_LAYER * 1.6);
  const total = procedure.layers.length * LEAST_LAYER + spare;
  let floor = TOP + Math.max(0, bottom - TOP - total) / 2 + total;
  return procedure.layers.flatMap((layer, index) => {
    const pot = procedure.components.find((c) => c.id === layer.of);
    const height = LEAST_LAYER + (spare * (weights[index] ?? 0)) / all;
    floor -= height;
    return pot ? [{ layer, index, pot, part: partOf(pot), y: floor, height }] : [];
  });
}

function bands(
  procedure: Procedure,
  rows: readonly LineRow[],
  boxes: readonly PotBox[],
  layers: readonly DishLayer[],
): Band[] {
  const boxOf = new Map(boxes.map((b) => [b.pot.id, b]));
  const rowOf = new Map(rows.map((r) => [r.line, r]));
  const into = procedure.components.flatMap((pot) => {
    const box = boxOf.get(pot.id);
    return pot.of.flatMap((o, i): Band[] => {
      if (!box) return [];
      const to = { x: box.x, y: box.y + ((i + 1) * box.height) / (pot.of.length + 1) };
      const row = o.line == null ? undefined : rowOf.get(o.line);
      const other = o.component == null ? undefined : boxOf.get(o.component);
      const width = 1.5 + 5 * o.share;
      if (row)
        return [
          {
            key: `l${row.line}-${pot.id}`,
            from: { x: COLUMNS.lines + 6, y: row.y },
            to,
            width,
            line: row.line,
            pots: [pot.id],
          },
        ];
      if (other)
        return [
          {
            key: `${other.pot.id}-${pot.id}`,
            from: { x: other.x + BOX_WIDTH, y: other.y + other.height / 2 },
            to,
            width,
            pots: [other.pot.id, pot.id],
          },
        ];
      return [];
    });
  });
  const laid = layers.flatMap((l): Band[] => {
    const box = boxOf.get(l.pot.id);
    if (!box) return [];
    return [
      {
        key: `d${l.index}`,
        from: { x: box.x + BOX_WIDTH, y: box.y + box.height / 2 },
        to: { x: COLUMNS.dish, y: l.y + l.height / 2 },
        width: 1.5 + 7 * l.layer.share,
        pots: [l.pot.id],
      },
    ];
  });
  return [...into, ...laid];
}

const ALIKE: Record<string, Part> = {
  batter: "binder",
  crust: "structure",
  mash: "soft-cheese",
  garnish: "seasoning",
};

/** The texture a kind of pot is drawn with. */
export function partOf(pot: Vessel): Part {
  return ALIKE[pot.kind] ?? (pot.kind as Part);
}

/** What lights up together when a line or a pot is touched. */
export interface Lit {
  lines: ReadonlySet<number>;
  pots: ReadonlySet<string>;
}

export const NOTHING_LIT: Lit = { lines: new Set(), pots: new Set() };

export function litByLine(procedure: Procedure, line: number): Lit {
  const pots = procedure.components.filter((c) => c.of.some((o) => o.line === line)).map((c) => c.id);
  return { lines: new Set([line]), pots: new Set(pots) };
}

export function litByPot(procedure: Procedure, id: string): Lit {
  const pot = procedure.components.find((c) => c.id === id);
  const lines = (pot?.of ?? []).flatMap((o) => (o.line == null ? [] : [o.line]));
  return { lines: new Set(lines), pots: new Set([id]) };
}

/** The first pot a stretch of the method works on, by where its words stand. */
export interface Stretch {
  words: string;
  pot?: string;
}

/** A step's text parted into what its clauses say and what lies between; a clause belongs to the pot it works on. */
export function stretches(step: string, procedure: Procedure): Stretch[] {
  const found = procedure.components
    .flatMap((c) => c.steps.map((s) => ({ at: step.indexOf(s.words), words: s.words, pot: c.id })))
    .filter((f) => f.at >= 0)
    .sort((a, b) => a.at - b.at || b.words.length - a.words.length);
  const out: Stretch[] = [];
  let at = 0;
  for (const f of found) {
    if (f.at < at) continue;
    if (f.at > at) out.push({ words: step.slice(at, f.at) });
    out.push({ words: f.words, pot: f.pot });
    at = f.at + f.words.length;
  }
  if (at < step.length) out.push({ words: step.slice(at) });
  return out;
}
