import { describe, expect, it } from "vitest";
import type { Line, Procedure } from "../../../api";
import { flow, litByLine, litByPot, stretches } from "./flow";

const lines = ["500 g mince", "1 tin tomatoes", "300 g penne", "100 g cheddar", "parsley to serve"].map(
  (text) => ({ text, item: text }) as Line,
);

const procedure = {
  components: [
    pot("c1", "mince sauce", "filling", [
      { line: 0, share: 1 },
      { line: 1, share: 1 },
    ]),
    pot("c2", "penne", "structure", [{ line: 2, share: 1 }]),
    pot("c3", "penne with mince sauce", "filling", [
      { component: "c1", share: 0.8 },
      { component: "c2", share: 1 },
    ]),
    pot("c4", "cheddar", "melting-cheese", [{ line: 3, share: 1 }]),
  ],
  layers: [layer("c3", 1), layer("c1", 0.2), layer("c4", 0.5), layer("c4", 0.5)],
  beside: [],
  oven: [],
  doubts: [],
  onlyIf: [],
} as unknown as Procedure;

function pot(id: string, name: string, kind: string, of: object[]) {
  return { id, key: name, name, kind, of, steps: [{ words: `stir the ${name}` }] };
}

function layer(of: string, share: number) {
  return { of, share, film: false, inside: false, late: false };
}

describe("the picture of pots", () => {
  const picture = flow(procedure, lines);

  it("draws every line that goes into a pot and none that does not", () => {
    expect(picture.rows.map((r) => r.line)).toEqual([0, 1, 2, 3]);
  });

  it("has one band for everything that goes somewhere", () => {
    const contents = procedure.components.reduce((n, c) => n + c.of.length, 0);
    expect(picture.bands).toHaveLength(contents + procedure.layers.length);
  });

  it("puts the first layer lowest and never lays two in one place", () => {
    const [first, ...rest] = picture.layers;
    for (const l of rest) expect(l.y).toBeLessThan(first?.y ?? 0);
    const byHeight = [...picture.layers].sort((a, b) => a.y - b.y);
    byHeight.slice(1).forEach((l, i) => {
      const above = byHeight[i];
      expect(l.y).toBeGreaterThanOrEqual((above?.y ?? 0) + (above?.height ?? 0) - 0.01);
    });
  });

  it("keeps pots of one column apart", () => {
    for (const a of picture.boxes)
      for (const b of picture.boxes)
        if (a !== b && a.x === b.x) expect(Math.abs(a.y - b.y)).toBeGreaterThanOrEqual(a.height);
  });

  it("lights a line with its pots, and a pot with its lines", () => {
    expect([...litByLine(procedure, 1).pots]).toEqual(["c1"]);
    expect([...litByPot(procedure, "c1").lines]).toEqual([0, 1]);
  });
});

describe("the method in stretches", () => {
  it("loses no word, and knows the pot of a clause", () => {
    const step = "First stir the mince sauce, then wait, and stir the penne well.";
    const parts = stretches(step, procedure);
    expect(parts.map((p) => p.words).join("")).toBe(step);
    expect(parts.filter((p) => p.pot).map((p) => p.pot)).toEqual(["c1", "c2"]);
  });
});
