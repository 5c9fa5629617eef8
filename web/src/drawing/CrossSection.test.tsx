// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Build } from "../api";
import { leek } from "../testing/leek";
import { grams } from "../ui";
import { CrossSection } from "./CrossSection";

function cut(change: Partial<Build> = {}, small = false) {
  const build = { ...leek().build, ...change };
  return { build, drawn: render(<CrossSection build={build} title="Leek bake" small={small} />).container };
}

const numbers = (d: string) => (d.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

describe("the cut through the dish", () => {
  it("has every layer with its name and weight, and says them in words", () => {
    const { build, drawn } = cut();
    for (const layer of build.layers) expect(drawn.querySelector("svg")?.textContent).toContain(grams(layer.grams));
    const words = screen.getAllByRole("listitem", { hidden: true }).map((l) => l.textContent ?? "");
    expect(words).toHaveLength(build.layers.length + 1);
    for (const [i, layer] of build.layers.entries()) expect(words[i]).toContain(layer.name);
    expect(screen.getByRole("img").getAttribute("aria-label")).toContain("Leek bake");
  });

  it("draws height and depth at one scale", () => {
    const { build, drawn } = cut();
    const stack = [...drawn.querySelectorAll("g > path[fill^=url]")].flatMap((p) =>
      numbers(p.getAttribute("d") ?? "").filter((_, i) => i % 2 === 1),
    );
    expect(Math.max(...stack) - Math.min(...stack)).toBeCloseTo(build.heightMm, 0);
  });

  it("shows what runs over, and how much", () => {
    const overflow = { overMm: 9, grams: 420, advice: "", secondPan: {}, layers: [] } as unknown as Build["overflow"];
    const { drawn } = cut({ overflow });
    expect(drawn.textContent).toContain("420 g too much");
    expect(drawn.querySelector(".fill-danger-soft")).toBeTruthy();
    document.body.replaceChildren();
    expect(cut().drawn.querySelector(".fill-danger-soft")).toBeNull();
  });

  it("is only the picture where it is small", () => {
    const { drawn } = cut({}, true);
    expect(drawn.querySelectorAll("text")).toHaveLength(0);
    expect(drawn.querySelector("details")).toBeNull();
    expect(screen.getByRole("img").getAttribute("aria-label")).toContain("Leek bake");
  });

  it("cuts a long name short and keeps its weight", () => {
    const [first, ...rest] = leek().build.layers;
    const { drawn } = cut({ layers: [{ ...first, name: "Very long-winded sauce of many things" }, ...rest] });
    expect(drawn.querySelector("svg")?.textContent).toContain(`Very long-winded sauce of… ${grams(first.grams)}`);
  });

  it("has patterns of its own on a page with two", () => {
    const { drawn } = cut();
    const other = render(<CrossSection build={leek().build} title="Other" />).container;
    const ids = (of: HTMLElement) => [...of.querySelectorAll("pattern")].map((p) => p.id);
    expect(ids(other).some((id) => ids(drawn).includes(id))).toBe(false);
  });
});
