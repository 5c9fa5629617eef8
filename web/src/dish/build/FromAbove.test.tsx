// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Laid, Piece } from "../../api";
import { FromAbove } from "./FromAbove";

function sheet(x: number, widthMm: number, whole: boolean, from: number): Piece {
  const corners = [
    { x, y: 0 },
    { x: x + widthMm, y: 0 },
    { x: x + widthMm, y: 180 },
    { x, y: 180 },
  ];
  return { x, y: 0, widthMm, heightMm: 180, corners, whole, sheet: from };
}

const pieces = [sheet(0, 85, true, 1), sheet(85, 85, true, 2), sheet(170, 60, false, 3)];

function above(change: Partial<Laid> = {}) {
  const laid = {
    layer: 1,
    item: "brown-rice lasagna sheets",
    kind: "sheets",
    lengthMm: 300,
    widthMm: 200,
    round: false,
    pieces,
    words: "2 whole and 1 snapped.",
    ...change,
  } as Laid;
  return render(<FromAbove laid={laid} />).container;
}

describe("a layer from above", () => {
  it("draws each piece where it lies, whole ones one way and snapped ones another", () => {
    const shapes = [...above().querySelectorAll("polygon")];
    expect(shapes.map((s) => s.getAttribute("points")?.split(" ")[0])).toEqual(["0.0,0.0", "85.0,0.0", "170.0,0.0"]);
    const fills = shapes.map((s) => s.getAttribute("fill"));
    expect(fills[0]).toBe(fills[1]);
    expect(fills[2]).not.toBe(fills[0]);
  });

  it("tells every piece in words: its size, its place and the sheet it comes from", () => {
    above();
    const words = screen.getAllByRole("listitem", { hidden: true }).map((l) => l.textContent ?? "");
    expect(words).toHaveLength(pieces.length);
    expect(words[2]).toContain("60 × 180 mm");
    expect(words[2]).toContain("170 mm from the left");
    expect(words[2]).toContain("sheet 3");
    expect(screen.getByRole("img").getAttribute("aria-label")).toContain("2 whole and 1 snapped.");
  });

  it("numbers a few pieces and not a crowd", () => {
    expect(above().querySelectorAll("svg text")).toHaveLength(3);
    document.body.replaceChildren();
    const crowd = Array.from({ length: 40 }, (_, i) => sheet(i * 7, 7, true, 0));
    expect(above({ pieces: crowd }).querySelectorAll("svg text")).toHaveLength(0);
  });

  it("draws a round dish round, and a slice as a circle", () => {
    const slice = { ...sheet(20, 50, true, 0), corners: [] };
    const drawn = above({ round: true, kind: "slices", pieces: [slice] });
    expect(drawn.querySelector("ellipse")).toBeTruthy();
    const [circle] = drawn.querySelectorAll("circle");
    expect(Number(circle.getAttribute("cx"))).toBe(45);
    expect(Number(circle.getAttribute("r"))).toBe(25);
    expect(drawn.textContent).not.toMatch(/hatched/);
  });
});
