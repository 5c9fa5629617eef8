import type { Build, Layer } from "../api";
import { told } from "../messages";

/** A layer placed: millimetres from the inside base of the dish. */
export interface Placed {
  layer: Layer;
  bottom: number;
  top: number;
}

export function place(layers: readonly Layer[]): Placed[] {
  const placed: Placed[] = [];
  let bottom = 0;
  for (const layer of layers) {
    placed.push({ layer, bottom, top: bottom + layer.heightMm });
    bottom += layer.heightMm;
  }
  return placed;
}

/** Spreads label positions, in rising order, so that none is nearer than `gap` to the next and all stay between `low` and `high` where they fit. */
export function spread(wanted: readonly number[], gap: number, low: number, high: number): number[] {
  const groups: { size: number; middle: number }[] = [];
  for (const w of wanted) {
    groups.push({ size: 1, middle: w });
    while (groups.length > 1) {
      const [a, b] = groups.slice(-2);
      if (b.middle - a.middle >= (gap * (a.size + b.size)) / 2) break;
      const size = a.size + b.size;
      groups.splice(-2, 2, {
        size,
        middle: within((a.middle * a.size + b.middle * b.size) / size, size, gap, low, high),
      });
    }
  }
  return groups.flatMap((g) =>
    Array.from({ length: g.size }, (_, i) => within(g.middle, g.size, gap, low, high) + (i - (g.size - 1) / 2) * gap),
  );
}

function within(middle: number, size: number, gap: number, low: number, high: number): number {
  const half = ((size - 1) * gap) / 2;
  return Math.max(low + half, Math.min(high - half, middle));
}

/** The stack in words, bottom to top: the drawing's text twin. */
export function inWords(build: Build): string[] {
  const words = build.layers.map((l) => told("web.ui.mm-high", l.name, Math.round(l.grams), l.heightMm.toFixed(1)));
  const room = build.overflow
    ? told("web.ui.too-full-by-mm-goes-to", Math.round(build.overflow.overMm), Math.round(build.overflow.grams))
    : told("web.ui.mm-stay-free-under-the-rim", Math.round(build.headroomMm));
  return [...words, room];
}
