// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render, screen } from "@testing-library/react";
import { MemoryRouter, Route, Routes } from "react-router";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type Dish, type Plan, type PrepStep } from "../../api";
import { leek } from "../../testing/leek";
import { grams } from "../../ui";
import { CardPage } from "./CardPage";

vi.mock("idb-keyval", () => ({ createStore: () => undefined, get: async () => undefined, set: async () => undefined }));

function open() {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={["/dishes/d1/card"]}>
        <Routes>
          <Route path="/dishes/:id/card" element={<CardPage />} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

async function card(plan: Plan): Promise<HTMLElement> {
  const dish = { id: "d1", title: "Leek bake", brief: { recipe: { text: "x" }, needs: [] } } as unknown as Dish;
  vi.spyOn(api, "dish").mockResolvedValue(dish);
  vi.spyOn(api, "plan").mockResolvedValue(plan);
  open();
  return await screen.findByRole("article");
}

function step(plan: Plan, change: Partial<PrepStep>): PrepStep {
  return { ...plan.prep.steps[0], uses: [], ...change };
}

describe("the card for the counter", () => {
  beforeEach(() => vi.restoreAllMocks());

  it("is enough to cook from: every ingredient, step, layer, phase and caution stands on it", async () => {
    const plan = leek();
    const text = (await card(plan)).textContent ?? "";
    for (const item of plan.ingredients) expect(text).toContain(item.item);
    for (const s of plan.prep.steps) expect(text).toContain(s.text);
    for (const layer of plan.build.layers) expect(text).toContain(`${layer.name} ${grams(layer.grams)}`);
    for (const phase of plan.bake.phases) expect(text).toContain(`${phase.minutes} min`);
    for (const sign of plan.bake.signs) expect(text).toContain(sign);
    for (const caution of plan.cautions) expect(text).toContain(caution.text);
  });

  it("has what is made meanwhile before the phases, and what is done to serve after them", async () => {
    const plan = leek();
    plan.prep.steps.push(
      step(plan, { id: "m", item: "Topping", text: "Toss the crumbs.", when: "while-baking" }),
      step(plan, { id: "s", item: "Leek bake", text: "Cut into squares.", when: "to-serve" }),
    );
    const text = (await card(plan)).textContent ?? "";
    const at = ["Make meanwhile:", "Toss the crumbs.", "35 min", "To serve:", "Cut into squares."].map((w) =>
      text.indexOf(w),
    );
    expect(at.every((i) => i >= 0)).toBe(true);
    expect(at).toEqual([...at].sort((a, b) => a - b));
  });

  it("counts no list twice from one: a step beside a numbered list has a mark, no number", async () => {
    const plan = leek();
    plan.prep.steps.push(step(plan, { id: "n", item: "The dish", text: "Refrigerate overnight.", when: "built" }));
    await card(plan);
    const list = screen.getByText(/Refrigerate overnight/).closest("ol");
    expect(list?.className).toContain("list-disc");
    expect(screen.getByText("Before it bakes:")).toBeTruthy();
  });

  it("begins a step with a capital, whoever named it", async () => {
    const plan = leek();
    plan.prep.steps.push(step(plan, { id: "o", item: "king oyster strips", text: "Cook them dry.", when: "before" }));
    await card(plan);
    expect(screen.getByText("King oyster strips.")).toBeTruthy();
  });

  it("tells what is still open above all, and what goes beside the dish", async () => {
    const plan = leek();
    plan.unresolved = [{ source: 1, text: "2 cups frumble", why: "Nabe does not know this.", nearest: [] }] as never;
    plan.build.leftovers = [
      { name: "Leek sauce", part: "filling", grams: 120, use: "Serve it with the dish." },
    ] as never;
    const text = (await card(plan)).textContent ?? "";
    expect(text).toContain("2 cups frumble");
    expect(text).toContain("Beside: Leek sauce (120 g). Serve it with the dish.");
  });

  it("names what is strewn at table without a weight, and tells how hot the oven is for what roasts first", async () => {
    const plan = leek();
    plan.build.leftovers = [
      { name: "Parsley", part: "filling", grams: 0, use: "Serve it with the dish." },
      { name: "Crumbs", part: "topping", grams: 1, use: "Keep them." },
    ] as never;
    plan.prep.steps.push(step(plan, { id: "r", text: "Roast the leeks.", when: "before", heat: "oven 220 °C" }));
    const text = (await card(plan)).textContent ?? "";
    expect(text).toContain("Beside: Parsley. Serve it with the dish.");
    expect(text).not.toContain("Crumbs");
    expect(text).toContain("(oven 220 °C)");
  });

  it("says why there is no card where the dish is gone", async () => {
    vi.spyOn(api, "dish").mockRejectedValue(new Error("This dish is no longer on the shelf."));
    open();
    expect(await screen.findByText("This dish is no longer on the shelf.")).toBeTruthy();
  });
});
