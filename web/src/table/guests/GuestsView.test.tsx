// @vitest-environment jsdom
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type KeptMeal, type MealBrief, type MealPlan } from "../../api";
import { atTable, show } from "../../testing/show";
import { supper, supperPlan } from "../../testing/supper";
import { GuestsView } from "./GuestsView";

const lodger = { id: "lod", name: "Lowen", needs: ["vegan"], avoid: ["sesame"], strict: true, certifiedOats: false };

function guests(part: Partial<MealBrief> = {}, planned: Partial<MealPlan> = {}) {
  const kept: KeptMeal = supper();
  const { props, change } = atTable(kept, { ...supperPlan(), ...planned }, part);
  show(<GuestsView {...props} />);
  return { meal: props.meal, change };
}

describe("who eats what", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "house").mockResolvedValue({ version: 1, house: { people: [lodger] } } as never);
    vi.spyOn(api, "shelf").mockResolvedValue([{ id: "other", title: "Fish pie" }] as never);
  });

  it("has a row for everybody and a column for every dish", () => {
    const { meal } = guests();
    const table = screen.getAllByRole("table")[0];
    for (const e of meal.eaters ?? [])
      expect(within(table).getByRole("rowheader", { name: new RegExp(e.name ?? "") })).toBeTruthy();
    expect(within(table).getAllByRole("columnheader").length).toBeGreaterThanOrEqual(4);
  });

  it("says loudly who would have nothing to eat, and what would help", () => {
    guests({}, { gaps: [{ eater: "Osk", offer: "Make the gratin vegan." }] as never });
    expect(screen.getByText("Osk has nothing to eat")).toBeTruthy();
    expect(screen.getByText("Make the gratin vegan.")).toBeTruthy();
  });

  it("adds one of the house with every need and allergen, once", async () => {
    const { meal, change } = guests();
    await userEvent.click(await screen.findByRole("button", { name: /Lowen/ }));
    const eaters = change.mock.calls[0][0].eaters ?? [];
    expect(eaters).toHaveLength((meal.eaters?.length ?? 0) + 1);
    expect(eaters.at(-1)).toMatchObject({ name: "Lowen", needs: ["vegan", "sesame"], strict: true });
  });

  it("a guest who goes is no longer one for whom a dish is made", async () => {
    const [first, ...dishes] = supper().meal.dishes ?? [];
    const { change } = guests({ dishes: [{ ...first, for: ["Wenna", "Osk"] }, ...dishes] });
    await userEvent.click(screen.getByRole("button", { name: /^(Remove|Take).*Osk|Osk.*remove/i }));
    const made = change.mock.calls[0][0];
    expect(made.eaters?.some((e) => e.name === "Osk")).toBe(false);
    expect(made.dishes?.[0].for).toEqual(["Wenna"]);
  });

  it("a new guest is written on a sheet of their own", async () => {
    guests();
    await userEvent.click(screen.getByRole("button", { name: "Add a guest" }));
    expect(screen.getByRole("textbox", { name: /Name/ })).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: "Add a guest" }));
    await waitFor(() => expect(screen.queryByRole("textbox", { name: /^Name/ })).toBeNull());
  });

  it("drops a dish before the cooking for good, and once it is under way only for this time", async () => {
    const fresh = guests();
    const [pie] = supperPlan().names;
    await userEvent.click(screen.getByRole("button", { name: `Drop ${pie}` }));
    expect(fresh.change.mock.calls[0][0].dishes).toHaveLength(3);
    document.body.replaceChildren();
    const begun = guests({ done: [{ task: "x", from: "2026-11-27T10:00", to: "2026-11-27T10:10" }] });
    await userEvent.click(screen.getByRole("button", { name: `Drop ${pie}` }));
    const dishes = begun.change.mock.calls[0][0].dishes ?? [];
    expect(dishes).toHaveLength(4);
    expect(dishes[0].dropped).toBe(true);
  });

  it("takes a dish from the shelf that is not on the table yet", async () => {
    const { change } = guests();
    await screen.findByRole("option", { name: "Fish pie" });
    await userEvent.selectOptions(screen.getByRole("combobox", { name: "Add a dish from the shelf" }), "other");
    expect(change.mock.calls[0][0].dishes?.at(-1)).toEqual({ dish: "other" });
    expect(change.mock.calls[0][0]).toHaveProperty("order", undefined);
  });

  it("never leaves a meal without a dish", () => {
    guests({ dishes: supper().meal.dishes?.slice(0, 1) });
    expect(screen.getByRole("button", { name: /^Drop / })).toHaveProperty("disabled", true);
  });
});
