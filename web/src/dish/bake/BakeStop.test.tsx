// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type Brief, type Plan } from "../../api";
import { leek } from "../../testing/leek";
import { atStop, show } from "../../testing/show";
import { BakeStop } from "./BakeStop";

function baked(change: (plan: Plan) => void = () => undefined, brief: Brief = {}) {
  const plan = leek();
  change(plan);
  const { props, edit } = atStop(plan, brief);
  show(<BakeStop {...props} />);
  return { plan, edit };
}

describe("the bake", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "dishes").mockResolvedValue([]);
    vi.spyOn(api, "whatIf").mockResolvedValue([]);
  });

  it("says how hot in every scale a dial may have", () => {
    baked();
    const dials = screen.getAllByRole("definition").map((d) => d.textContent);
    expect(dials).toEqual(["200 °C", "180 °C", "390 °F", "mark 6"]);
  });

  it("sets what the recipe said beside its own minutes", () => {
    baked((p) => {
      p.bake.ovenMinutes = 50;
      p.bake.recipeMinutes = 35;
    });
    expect(screen.getByRole("heading", { name: /50 min/ })).toBeTruthy();
    expect(screen.getByText(/35 min/, { selector: "header *, h2 ~ *" })).toBeTruthy();
  });

  it("tells by what signs it is done, and what to take care of but the labels", () => {
    const { plan } = baked();
    for (const sign of plan.bake.signs) expect(screen.getByText(sign)).toBeTruthy();
    const text = document.body.textContent ?? "";
    for (const c of plan.cautions) expect(text.includes(c.text)).toBe(c.kind !== "label");
    expect(screen.getByText(/The labels to read stand at/)).toBeTruthy();
  });

  it.each([
    ["fridge", { start: "fridge" }],
    ["cold oven", { preheated: false }],
    ["top shelf", { topShelf: true }],
  ])("takes %s as the cook says, and keeps the rest of the oven", async (name, change) => {
    const { edit } = baked(undefined, { oven: { offsetCelsius: 10 } });
    await userEvent.click(screen.getByRole("radio", { name: new RegExp(name, "i") }));
    expect(edit).toHaveBeenCalledWith({ oven: { offsetCelsius: 10, ...change } });
  });

  it("an empty dial is the recipe's again", async () => {
    const { edit } = baked(undefined, { oven: { celsius: 210, fan: true } });
    const dial = screen.getByLabelText(/^Dial/);
    await userEvent.clear(dial);
    await userEvent.tab();
    expect(edit).toHaveBeenLastCalledWith({ oven: { celsius: undefined, fan: true } });
  });

  it("draws no forecast where there is none, and says what drives the time all the same", () => {
    const { plan } = baked();
    expect(screen.queryByText(/heat and water on the way/i)).toBeNull();
    const drives = screen.getByText("What drives the time").closest("section") as HTMLElement;
    expect(within(drives).getAllByRole("listitem").length).toBeGreaterThanOrEqual(plan.bake.drivers.length);
  });
});
