// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type MealKitchen, type MealPlan } from "../../api";
import { atTable, show } from "../../testing/show";
import { supper, supperPlan } from "../../testing/supper";
import { KitchenView } from "./KitchenView";

const gear = {
  tools: [
    { tool: "board", name: "board", count: 3, material: "plastic", washes: true },
    { tool: "wooden-spoon", name: "wooden spoon", count: 4, material: "wood", washes: false },
  ],
  materials: [
    { material: "plastic", washes: true },
    { material: "wood", washes: false },
  ],
};

function kitchen(own: MealKitchen = {}, planned: Partial<MealPlan> = {}) {
  const { props, change } = atTable(supper(), { ...supperPlan(), ...planned }, { kitchen: own });
  show(<KitchenView {...props} />);
  return change;
}

async function settle(label: string, value: string) {
  const field = screen.getByLabelText(new RegExp(`^${label}`));
  await userEvent.clear(field);
  await userEvent.type(field, value);
  await userEvent.tab();
}

describe("what there is to cook with", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "gear").mockResolvedValue(gear as never);
  });

  it("changes one thing and keeps the rest of the kitchen", async () => {
    const change = kitchen({ cooks: 2, burners: 4 });
    await settle("Burners", "3");
    expect(change).toHaveBeenLastCalledWith({ kitchen: { cooks: 2, burners: 3 } });
  });

  it("has as many ovens as there are, those that were told as they were", async () => {
    const change = kitchen({ ovens: [{ shelves: 3, fan: true }] });
    await settle("Ovens", "2");
    expect(change).toHaveBeenLastCalledWith({
      kitchen: {
        ovens: [
          { shelves: 3, fan: true },
          { shelves: 2, fan: false },
        ],
      },
    });
  });

  it("tells the fan of one oven of two", async () => {
    const still = { shelves: 2, fan: false };
    const change = kitchen({ ovens: [still, still] });
    await userEvent.click(screen.getAllByRole("radio", { name: /^Fan/ })[1]);
    expect(change).toHaveBeenLastCalledWith({ kitchen: { ovens: [still, { shelves: 2, fan: true }] } });
  });

  it("takes no burner below none", async () => {
    const change = kitchen({ burners: 1 });
    await settle("Burners", "-2");
    expect(change).not.toHaveBeenCalledWith({ kitchen: { burners: -2 } });
  });

  it("says what the plan counts on that is not there", () => {
    kitchen({}, { missing: [{ what: "A third saucepan", mend: "Borrow one." }] as never });
    expect(screen.getByText("A third saucepan")).toBeTruthy();
    expect(screen.getByText(/Borrow one\./)).toBeTruthy();
  });

  it("warns of what does not wash clean, by what it is made of", async () => {
    kitchen({ tools: [{ tool: "board", count: 1, material: "wood" }] });
    expect(await screen.findByText(/does not wash clean enough/)).toBeTruthy();
  });

  it("adds a tool as it usually is, and takes it away again", async () => {
    const change = kitchen({ tools: [{ tool: "board", count: 2, material: "plastic" }] });
    await screen.findByRole("option", { name: /Wooden spoon/ });
    await userEvent.selectOptions(screen.getByRole("combobox", { name: /Say what there is of/ }), "wooden-spoon");
    expect(change.mock.calls[0][0].kitchen?.tools?.at(-1)).toEqual({
      tool: "wooden-spoon",
      count: 4,
      material: "wood",
    });
    await userEvent.click(screen.getByRole("button", { name: /Remove.*board/i }));
    expect(change.mock.calls[1][0].kitchen?.tools).toEqual([]);
  });
});
