// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import type { MadeComponent } from "../../api";
import { MadeCard } from "./MadeCard";

const ricotta = {
  component: "tofu-ricotta",
  makes: "ricotta",
  name: "Tofu ricotta",
  display: "320 g",
  active: 10,
  passive: 25,
  days: 3,
  freezes: "no",
  tools: ["food-processor"],
  missing: [],
  parts: ["filling", "topping"],
  canBuy: true,
  ingredients: [{ ingredient: "tofu-firm", item: "firm tofu", display: "300 g" }],
  steps: ["Press the tofu.", "Crumble it."],
  sign: "Moist crumbs.",
} as unknown as MadeComponent;
const crumbs = {
  ...ricotta,
  component: "crumbs",
  name: "Rice crumbs",
  parts: ["topping"],
  canBuy: false,
  passive: 0,
  days: 0,
  freezes: "well",
} satisfies Partial<MadeComponent> as MadeComponent;

describe("what is made at home", () => {
  it("says how many things, how much work, how long each keeps, and where one batch serves two places", () => {
    render(<MadeCard made={[ricotta, crumbs]} onMake={vi.fn()} />);
    expect(screen.getByText("2 things, 20 min of work")).toBeTruthy();
    expect(screen.getByText(/25 min by itself.*keeps 3 days in the fridge, not for freezing/)).toBeTruthy();
    expect(screen.getByText(/10 min of work · use at once, freezes well/)).toBeTruthy();
    expect(screen.getAllByText("One batch for 2 places")).toHaveLength(1);
  });

  it("shows how, when asked", async () => {
    render(<MadeCard made={[ricotta]} onMake={vi.fn()} />);
    expect(screen.queryByText("Press the tofu.")).toBeNull();
    await userEvent.click(screen.getByRole("button", { name: "How to make Tofu ricotta" }));
    expect(screen.getByText("Press the tofu.")).toBeTruthy();
    expect(screen.getByText("firm tofu · 300 g")).toBeTruthy();
  });

  it("is bought ready with one touch, where it is sold", async () => {
    const onMake = vi.fn();
    render(<MadeCard made={[ricotta, crumbs]} onMake={onMake} />);
    await userEvent.click(screen.getByRole("button", { name: "Buy Tofu ricotta ready" }));
    expect(onMake).toHaveBeenCalledWith("ricotta", "bought");
    expect(screen.queryByRole("button", { name: "Buy Rice crumbs ready" })).toBeNull();
  });

  it("says which tool the house lacks", () => {
    render(<MadeCard made={[{ ...ricotta, missing: ["food-processor"] }]} onMake={vi.fn()} />);
    expect(screen.getByText("Your house has no food processor.")).toBeTruthy();
  });
});
