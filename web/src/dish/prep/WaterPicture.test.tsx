// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { WaterBudget } from "../../api";
import { grams } from "../../ui";
import { WaterPicture } from "./WaterPicture";

const water = {
  freeGrams: 300,
  givenOffGrams: 120,
  unboundGrams: 40,
  takenUpGrams: 180,
  lostGrams: 100,
  endGrams: 180,
  lowGrams: 120,
  highGrams: 260,
} as unknown as WaterBudget;

function drawn(change: Partial<WaterBudget> = {}) {
  const { container } = render(<WaterPicture water={{ ...water, ...change }} />);
  const bars = [...container.querySelectorAll("svg > g")].map((g) => {
    const bar = g.querySelector("rect");
    return {
      name: g.querySelector("text")?.textContent ?? "",
      from: Number(bar?.getAttribute("x")),
      wide: Number(bar?.getAttribute("width")),
      warns: bar?.getAttribute("class") === "fill-warm",
    };
  });
  return { container, bars };
}

describe("where the water goes", () => {
  it("ends where it began with what came and less what went", () => {
    const { freeGrams, givenOffGrams, unboundGrams, takenUpGrams, lostGrams, endGrams } = water;
    expect(freeGrams + givenOffGrams + unboundGrams - takenUpGrams - lostGrams).toBe(endGrams);
    const { bars } = drawn();
    expect(bars).toHaveLength(6);
    const [free, given, unbound] = bars;
    expect(given.from).toBeCloseTo(free.from + free.wide, 6);
    expect(unbound.from).toBeCloseTo(given.from + given.wide, 6);
  });

  it("draws each step as long as it weighs", () => {
    const { bars } = drawn();
    expect(bars[0].wide / bars[1].wide).toBeCloseTo(300 / 120, 6);
    expect(bars[3].wide / bars[4].wide).toBeCloseTo(180 / 100, 6);
  });

  it("says the same in words, with what is wanted", () => {
    drawn();
    const words = screen.getByRole("img").getAttribute("aria-label") ?? "";
    for (const g of [300, 120, 40, 180, 100]) expect(words).toContain(grams(g));
    expect(words).toContain(grams(water.lowGrams));
    expect(words).toContain(grams(water.highGrams));
  });

  it.each([
    [180, false],
    [80, true],
    [300, true],
  ])("marks an end of %d g outside of what is wanted: %s", (endGrams, warns) => {
    expect(drawn({ endGrams }).bars.at(-1)?.warns).toBe(warns);
  });

  it("has room for a dish that drinks more than there is", () => {
    const { bars } = drawn({ takenUpGrams: 600, endGrams: -240, lostGrams: 100 });
    for (const bar of bars) expect(bar.from).toBeGreaterThanOrEqual(0);
  });
});
