// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { WaterBudget } from "../../api";
import { leek } from "../../testing/leek";
import { WaterCard } from "./WaterCard";

const onMends = vi.fn();
const mend = (key: string, text: string, value: number, waterGrams: number) => ({ key, text, value, waterGrams });
const short = (change: Partial<WaterBudget> = {}): WaterBudget => ({
  ...leek().prep.water,
  state: "short",
  words: "Too dry: 120 g short.",
  mends: [mend("stock:c2", "Stir 120 g more stock in.", 120, 120), mend("uncover", "Foil off later.", 5, 40)] as never,
  ...change,
});

describe("where the water goes", () => {
  beforeEach(() => onMends.mockReset());

  it("asks nothing where it comes out right", () => {
    render(<WaterCard water={{ ...leek().prep.water, state: "good", mends: [] }} mends={{}} onMends={onMends} />);
    expect(screen.getByText("comes out right")).toBeTruthy();
    expect(screen.queryByRole("button")).toBeNull();
  });

  it("adds one mend to those that were made", async () => {
    render(<WaterCard water={short()} mends={{ "press:2": 10 }} onMends={onMends} />);
    expect(screen.getByText("Any one of these brings it in:")).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: "Do this: Stir 120 g more stock in." }));
    expect(onMends).toHaveBeenCalledWith({ "press:2": 10, "stock:c2": 120 });
  });

  it("does all of them together only where one is not enough", async () => {
    render(<WaterCard water={short({ together: true })} mends={{}} onMends={onMends} />);
    await userEvent.click(screen.getByRole("button", { name: "Do all of these" }));
    expect(onMends).toHaveBeenCalledWith({ "stock:c2": 120, uncover: 5 });
  });

  it("takes one mend back and leaves the others", async () => {
    render(<WaterCard water={short()} mends={{ "stock:c2": 120, uncover: 5 }} onMends={onMends} />);
    await userEvent.click(screen.getByRole("button", { name: /Take back: foil off 5 min sooner/ }));
    expect(onMends).toHaveBeenCalledWith({ "stock:c2": 120 });
  });

  it("names a dry layer with what it wants and what it has", () => {
    const layer = {
      ...leek().prep.water.layers[0],
      name: "Sheets",
      layer: 2,
      underWet: true,
      takesUpGrams: 200,
      withinReachGrams: 90,
    };
    render(<WaterCard water={short({ layers: [layer] as never })} mends={{}} onMends={onMends} />);
    expect(screen.getByText(/Sheets, layer 3: wants 200 g, has 90 g in reach/)).toBeTruthy();
  });
});
