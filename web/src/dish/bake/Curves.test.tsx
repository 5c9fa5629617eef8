// @vitest-environment jsdom
import { fireEvent, render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Forecast, Phase } from "../../api";
import { Curves } from "./Curves";
import { HeatPicture } from "./HeatPicture";

const MINUTES = 50;
const rising = (from: number, by: number) => Array.from({ length: MINUTES + 1 }, (_, i) => from + by * i);

const forecast = {
  minutes: rising(0, 1),
  core: rising(20, 1.4).map((t, i) => (i > 45 ? 83 - (i - 45) : t)),
  middle: rising(20, 1.5),
  coreLow: rising(17, 1.3),
  coreHigh: rising(23, 1.5),
  edge: rising(20, 1.6),
  top: rising(20, 3),
  water: rising(1, -0.003),
  pictures: [0, 25, 50].map((minutes) => ({
    minutes,
    celsius: [
      [60, 70, 90],
      [20 + minutes, 60, 95],
      [70, 75, 99],
    ],
  })),
  halfWidthMm: 150,
  heightMm: 60,
} as unknown as Forecast;

const phases = [
  { kind: "bake", covered: true, minutes: 25 },
  { kind: "bake", covered: false, minutes: 15 },
  { kind: "rest", covered: false, minutes: 10 },
] as unknown as Phase[];

const curves = (core: number | null) => render(<Curves forecast={forecast} phases={phases} core={core} />).container;

describe("the curves of the bake", () => {
  it("are told in words as well: when it comes out, how hot, and the safe core", () => {
    curves(75);
    const words = screen.getByRole("img").getAttribute("aria-label") ?? "";
    expect(words).toContain("40 minutes");
    expect(words).toContain("76");
    expect(words).toContain("75");
    expect(words).toContain("88");
  });

  it("draw the safe core only where there is one", () => {
    expect(curves(75).textContent).toContain("safe core 75");
    document.body.replaceChildren();
    expect(curves(null).textContent).not.toMatch(/safe core/);
  });

  it("name each line at its end, none over another", () => {
    const ends = [...curves(null).querySelectorAll("text")].filter((t) =>
      /^(top|edge|middle|coldest) /.test(t.textContent ?? ""),
    );
    expect(ends).toHaveLength(4);
    const heights = ends.map((t) => Number(t.getAttribute("y"))).sort((a, b) => a - b);
    for (let i = 1; i < heights.length; i++) expect(heights[i] - heights[i - 1]).toBeGreaterThanOrEqual(15 - 1e-9);
  });

  it("end the coldest point where it is hottest as it rests", () => {
    const [coldest] = [...curves(null).querySelectorAll("text")].filter((t) => t.textContent?.startsWith("coldest"));
    expect(coldest.textContent).toBe("coldest 83°");
  });

  it("have a band for every phase, as wide as it lasts", () => {
    const bands = [...curves(null).querySelectorAll("rect")].map((r) => Number(r.getAttribute("width")));
    expect(bands[0] / bands[1]).toBeCloseTo(25 / 15, 6);
    expect(bands[1] / bands[2]).toBeCloseTo(15 / 10, 6);
  });

  it("stay inside the sheet, however hot the top", () => {
    const hot = { ...forecast, top: rising(20, 9) };
    const { container } = render(<Curves forecast={hot} phases={phases} core={null} />);
    for (const text of container.querySelectorAll("text"))
      expect(Number(text.getAttribute("y"))).toBeGreaterThanOrEqual(0);
  });
});

describe("the picture of the heat", () => {
  it("tells where it is coldest at the moment shown", () => {
    render(<HeatPicture forecast={forecast} />);
    expect(document.querySelector("figcaption strong")?.textContent).toContain("25 min");
    const words = document.querySelector("figcaption")?.textContent ?? "";
    expect(words).toContain("45");
    expect(words).toContain("30 mm");
    expect(words).toContain("25 mm");
  });

  it("walks through the bake by keyboard, and says the minute", () => {
    render(<HeatPicture forecast={forecast} />);
    const slider = screen.getByRole("slider");
    fireEvent.keyDown(slider, { key: "End" });
    expect(slider.getAttribute("aria-valuetext")).toContain("50");
    fireEvent.keyDown(slider, { key: "Home" });
    expect(slider.getAttribute("aria-valuetext")).toContain("0");
    expect(document.querySelector("figcaption")?.textContent).toContain("20");
  });

  it("shades what is hotter than the scale like its hottest, and what is colder like its coldest", () => {
    const of = (t: number) => {
      const picture = { ...forecast, pictures: [{ minutes: 0, celsius: [[t]] }] } as unknown as Forecast;
      const { container, unmount } = render(<HeatPicture forecast={picture} />);
      const fill = container.querySelector("rect")?.getAttribute("fill");
      unmount();
      return fill;
    };
    expect(of(300)).toBe(of(120));
    expect(of(-60)).toBe(of(-20));
    expect(of(80)).not.toBe(of(60));
  });

  it("is none where there are no pictures", () => {
    const { container } = render(<HeatPicture forecast={{ ...forecast, pictures: [] }} />);
    expect(container.innerHTML).toBe("");
  });
});
