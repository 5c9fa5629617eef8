// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type Brief, type Plan } from "../../api";
import { leek } from "../../testing/leek";
import { atStop, show } from "../../testing/show";
import { ReadStop } from "./ReadStop";

function read(change: (plan: Plan) => void = () => undefined, brief: Brief = { recipe: { text: "x" } }) {
  const plan = leek();
  change(plan);
  const { props, edit } = atStop(plan, brief);
  show(<ReadStop {...props} />);
  return { plan, edit };
}

const about = () => document.body.textContent ?? "";

describe("what was understood", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "larder").mockResolvedValue([]);
  });

  it("shows every line as it was written", () => {
    const { plan } = read();
    for (const line of plan.recipe.lines) expect(screen.getAllByText(line.text).length).toBeGreaterThan(0);
    expect(about()).toContain(`${plan.recipe.lines.length} lines, none in doubt`);
  });

  it("counts the lines to look at", () => {
    const { plan } = read((p) => {
      p.recipe.lines[1].doubt = "Taken for leeks. Is that right?";
    });
    expect(about()).toContain(`1 of ${plan.recipe.lines.length} lines to look at`);
  });

  it("says a heading once for all lines under it", () => {
    read((p) => {
      for (const line of p.recipe.lines.slice(0, 2)) line.heading = "For the base";
    });
    expect(screen.getAllByRole("heading", { name: "For the base" })).toHaveLength(1);
  });

  it.each([
    [null, "no pan named"],
    [{ shape: "rectangle", litres: 2 }, "2.0 litres"],
    [{ shape: "round", diameterMm: 260 }, "260 mm"],
    [{ shape: "rectangle", lengthMm: 300, widthMm: 200 }, "300 × 200 mm"],
  ])("tells the pan as the recipe does: %o", (pan, words) => {
    read((p) => {
      p.recipe.pan = pan as never;
    });
    expect(about().toLowerCase()).toContain(words);
  });

  it("cooks for so many, and for as many as the recipe where that is wiped out", async () => {
    const { edit } = read(undefined, { recipe: { text: "x" }, servings: 8 });
    const field = screen.getByLabelText(/^Cook for/);
    await userEvent.clear(field);
    await userEvent.tab();
    expect(edit).toHaveBeenLastCalledWith({ servings: undefined });
  });

  it("takes another kind of dish, and the one it was read as again", async () => {
    const { edit } = read(undefined, { recipe: { text: "x", family: "gratin" } });
    const kind = screen.getByRole("combobox", { name: "Kind of dish" });
    await userEvent.selectOptions(kind, "moussaka");
    expect(edit).toHaveBeenLastCalledWith({ recipe: { text: "x", family: "moussaka" } });
    await userEvent.selectOptions(kind, "");
    expect(edit).toHaveBeenLastCalledWith({ recipe: { text: "x", family: undefined } });
  });

  it("keeps what is neither ingredient nor step, and shows it only where there is some", () => {
    read((p) => {
      p.recipe.asides = ["My aunt's, from the coast."];
    });
    const card = screen.getByText("Kept aside").closest("section") as HTMLElement;
    expect(within(card).getByText("My aunt's, from the coast.")).toBeTruthy();
    document.body.replaceChildren();
    read((p) => {
      p.recipe.asides = [];
    });
    expect(screen.queryByText("Kept aside")).toBeNull();
  });
});
