// @vitest-environment jsdom
import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { Away, api, type KeptMeal, type MealPlan, Refusal } from "../api";
import { show } from "../testing/show";
import { supper, supperPlan } from "../testing/supper";
import { MealPage } from "./MealPage";

function open(view: string) {
  show(<MealPage />, `/table/m1/${view}`, "/table/:id/:view");
}

const proven = (change: Partial<MealPlan["status"]>) => {
  const plan = supperPlan();
  plan.status = { ...plan.status, ...change };
  return plan;
};

describe("a meal", () => {
  let kept: KeptMeal;

  beforeEach(() => {
    vi.restoreAllMocks();
    kept = { ...supper(), id: "m1" };
    vi.spyOn(api, "meal").mockImplementation(async () => kept);
    vi.spyOn(api, "mealPlan").mockResolvedValue(proven({ proven: true }));
    vi.spyOn(api, "house").mockResolvedValue({ version: 1, house: {} } as never);
    vi.spyOn(api, "shelf").mockResolvedValue([]);
    vi.spyOn(api, "gear").mockResolvedValue({ tools: [], materials: [] } as never);
  });

  it("has its name, its hour and its six views", async () => {
    open("serve");
    expect((await screen.findAllByText("Lantern Street, last Friday")).length).toBeGreaterThan(0);
    expect(screen.getByText(/Friday 27 November.*19:30/)).toBeTruthy();
    expect(screen.getByRole("navigation", { name: "Views of the meal" }).querySelectorAll("a")).toHaveLength(6);
  });

  it("says when no better order exists, and asks no second time", async () => {
    open("serve");
    expect(await screen.findByText(/no better order exists/i)).toBeTruthy();
    expect(api.mealPlan).toHaveBeenCalledTimes(1);
  });

  it("shows the first good plan while it looks for the best", async () => {
    let best: (plan: MealPlan) => void = () => undefined;
    vi.spyOn(api, "mealPlan").mockImplementation((_, first) =>
      first
        ? Promise.resolve(proven({ proven: false }))
        : new Promise((done) => {
            best = done;
          }),
    );
    open("serve");
    expect(await screen.findByText(/A good plan/)).toBeTruthy();
    best(proven({ proven: false, gap: 0.04 }));
    expect(await screen.findByText(/at most 4 %/)).toBeTruthy();
  });

  it("says nothing of how far off where it does not know", async () => {
    vi.spyOn(api, "mealPlan").mockResolvedValue(proven({ proven: false, gap: 0.8 }));
    open("serve");
    expect(await screen.findByText(/a better order may exist/)).toBeTruthy();
  });

  it("shows a change at once, and takes it back with the reason when it is refused", async () => {
    vi.spyOn(api, "changeMeal").mockRejectedValue(
      new Refusal({ title: "", detail: "The meal is in the past.", status: 400 }),
    );
    open("guests");
    const field = await screen.findByLabelText("What this meal is called");
    await userEvent.clear(field);
    await userEvent.type(field, "Sunday lunch");
    await userEvent.tab();
    expect(await screen.findByText(/The meal is in the past\./)).toBeTruthy();
    await waitFor(() => expect(screen.getAllByText("Lantern Street, last Friday").length).toBeGreaterThan(0));
  });

  it("says why a meal cannot be opened", async () => {
    vi.spyOn(api, "meal").mockRejectedValue(new Refusal({ title: "", detail: "There is no such meal.", status: 404 }));
    open("clock");
    expect(await screen.findByText("There is no such meal.")).toBeTruthy();
  });

  it("says what cannot be planned, and is calm where only the server is away", async () => {
    vi.spyOn(api, "mealPlan").mockRejectedValue(new Away(false));
    open("clock");
    expect(await screen.findByText(/Nabe is not answering/)).toBeTruthy();
  });

  it("keeps the last plan that worked on screen when the next cannot be made", async () => {
    vi.spyOn(api, "changeMeal").mockImplementation(async (_, version, meal) => ({
      ...kept,
      version: version + 1,
      meal,
    }));
    open("guests");
    await screen.findByText(/no better order exists/i);
    vi.spyOn(api, "mealPlan").mockRejectedValue(
      new Refusal({ title: "", detail: "Nobody can cook that.", status: 400 }),
    );
    await userEvent.click(screen.getByRole("button", { name: /^(Remove|Take).*Osk/ }));
    expect(await screen.findByText(/Nobody can cook that\..*The last plan that worked is shown/)).toBeTruthy();
    expect(screen.getAllByRole("table").length).toBeGreaterThan(0);
  });

  it("undoes what can be undone", async () => {
    kept.canUndo = true;
    const back = vi.spyOn(api, "undoMeal").mockResolvedValue({ ...kept, version: 2, canUndo: false });
    open("serve");
    await userEvent.click(await screen.findByRole("button", { name: "Undo" }));
    expect(back).toHaveBeenCalledWith("m1", kept.version);
    await waitFor(() => expect(screen.getByRole("button", { name: "Undo" })).toHaveProperty("disabled", true));
  });
});
