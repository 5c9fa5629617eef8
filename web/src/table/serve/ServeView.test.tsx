// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { DishLabel } from "../../api";
import { DishCard } from "./ServeView";

const label = {
  dish: 0,
  name: "Leek gratin",
  freeOf: ["gluten-free", "milk-free"],
  strict: true,
  contains: ["soy"],
  made: ["cooked on Friday"],
  eaters: ["Wenna", "Osk"],
  spoon: "A spoon of its own",
} as unknown as DishLabel;
const card = (more: Partial<DishLabel>) => render(<DishCard label={{ ...label, ...more }} />).container.textContent;

describe("the card before a dish", () => {
  it("says what it is free of, what it contains and whose it is", () => {
    expect(card({})).toContain("Made gluten-free, milk-free, kept apart the whole way");
    expect(screen.getByText("soy").tagName).toBe("STRONG");
    expect(screen.getByText("For Wenna, Osk")).toBeTruthy();
    expect(screen.getByText("A spoon of its own")).toBeTruthy();
  });

  it("does not promise what was not kept apart", () => expect(card({ strict: false })).toContain(", by ingredient"));

  it("promises nothing of a dish for those without needs", () => {
    const words = card({ freeOf: [], strict: false, contains: [] });
    expect(words).toContain("Made for those without special needs");
    expect(words).not.toContain("by ingredient");
    expect(words).toContain("none of the listed allergens");
  });
});
