// @vitest-environment jsdom
import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { Away, api } from "../api";
import { show } from "../testing/show";
import { supper } from "../testing/supper";
import { Meals } from "./Meals";

const people = [
  { id: "w", name: "Wenna", needs: ["gluten-free"], avoid: [], strict: true, certifiedOats: true },
  { id: "p", name: "Pell", needs: [], avoid: ["sesame"], strict: false, certifiedOats: false },
];

describe("the table", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "meals").mockResolvedValue([supper()]);
    vi.spyOn(api, "shelf").mockResolvedValue([{ id: "d1", title: "Leek bake" }] as never);
    vi.spyOn(api, "house").mockResolvedValue({ version: 1, house: { people } } as never);
  });

  it("shows each meal with its hour, its people and its dishes", async () => {
    show(<Meals />);
    const card = await screen.findByRole("link", { name: /Lantern Street/ });
    expect(card.textContent).toContain("Friday 27 November");
    expect(card.textContent).toContain("12 people · 3 strict · 4 dishes");
    expect(card.getAttribute("href")).toBe(`/table/${supper().id}/clock`);
  });

  it("lays a new meal for the people of the house, with what each must not have", async () => {
    const lay = vi.spyOn(api, "layMeal").mockResolvedValue({ ...supper(), id: "new" });
    show(<Meals />);
    const button = await screen.findByRole("button", { name: "Plan a meal" });
    await waitFor(() => expect(button).toHaveProperty("disabled", false));
    await userEvent.click(button);
    const [meal] = lay.mock.calls[0];
    expect(meal.eaters).toEqual([
      { name: "Wenna", needs: ["gluten-free"], strict: true, oats: "certified" },
      { name: "Pell", needs: ["sesame"], strict: false, oats: undefined },
    ]);
    expect(meal.dishes).toEqual([{ dish: "d1" }]);
    expect(meal.kitchen?.sittings?.[0].to).toBe(meal.serveAt);
  });

  it("asks for a dish first where the shelf is empty", async () => {
    vi.spyOn(api, "shelf").mockResolvedValue([]);
    show(<Meals />);
    expect(await screen.findByText("First a dish")).toBeTruthy();
    expect(screen.getByRole("button", { name: "Plan a meal" })).toHaveProperty("disabled", true);
  });

  it("takes a meal off the table", async () => {
    const off = vi.spyOn(api, "putMealAway").mockResolvedValue(undefined);
    show(<Meals />);
    await userEvent.click(await screen.findByRole("button", { name: /Take .*off the table/ }));
    expect(off).toHaveBeenCalledWith(supper().id);
  });

  it("says so when the table cannot be reached, and that it comes back by itself", async () => {
    vi.spyOn(api, "meals").mockRejectedValue(new Away(true));
    show(<Meals />);
    expect(await screen.findByText(/database is not answering.*It shows again by itself/)).toBeTruthy();
  });
});
