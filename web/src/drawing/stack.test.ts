import { describe, expect, it } from "vitest";
import type { Layer } from "../api";
import { place, spread } from "./stack";

const layer = (heightMm: number): Layer => ({
  component: "c1",
  name: "Sauce",
  part: "red-sauce",
  grams: 100,
  heightMm,
  share: 1,
  reserved: false,
  late: false,
});

describe("the drawn stack", () => {
  it("lies without gaps from the base up", () => {
    const placed = place([layer(2), layer(5), layer(1)]);
    expect(placed.map((p) => [p.bottom, p.top])).toEqual([
      [0, 2],
      [2, 7],
      [7, 8],
    ]);
  });

  it("spreads labels apart, in order, inside the sheet", () => {
    const wanted = [10, 10.5, 11, 40, 41, 79, 80];
    const at = spread(wanted, 6, 3, 78);
    at.slice(1).forEach((y, i) => {
      expect(y - at[i]).toBeGreaterThanOrEqual(6 - 1e-9);
    });
    expect(at[0]).toBeGreaterThanOrEqual(3);
    expect(at[at.length - 1]).toBeLessThanOrEqual(78);
  });

  it("leaves labels alone that have room", () => {
    expect(spread([10, 30, 50], 6, 0, 100)).toEqual([10, 30, 50]);
  });
});
