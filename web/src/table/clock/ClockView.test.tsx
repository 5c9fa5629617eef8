// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type MealBrief, type MealPlan } from "../../api";
import { atTable, show } from "../../testing/show";
import { supper, supperPlan } from "../../testing/supper";
import { ClockView } from "./ClockView";
import { orderOf } from "./order";

function clock(part: Partial<MealBrief> = {}, planned: Partial<MealPlan> = {}) {
  const { props, change } = atTable(supper(), { ...supperPlan(), ...planned }, part);
  show(<ClockView {...props} />);
  return { plan: props.plan, change };
}

const asList = () => userEvent.click(screen.getByRole("radio", { name: "List" }));

describe("the clock", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "gear").mockResolvedValue({ tools: [], materials: [] } as never);
  });

  it("says every task in the lanes and in the list", async () => {
    const { plan } = clock();
    const said = () => document.body.textContent ?? "";
    for (const t of plan.tasks) expect(said()).toContain(t.wash ? "Wash hands" : t.words.slice(0, 12));
    await asList();
    for (const t of plan.tasks) expect(said()).toContain(t.wash ? "Wash hands" : t.words.slice(0, 30));
    for (const h of plan.heats) expect(said()).toContain(h.words);
  });

  it("is in the order of time, day by day", async () => {
    clock();
    await asList();
    const list = screen.getByRole("region", { name: /clock as a list/i });
    const days = within(list)
      .getAllByRole("heading")
      .map((h) => h.textContent);
    expect(days).toEqual(["Thursday 26 November", "Friday 27 November"]);
    const times = within(within(list).getAllByRole("list")[1])
      .getAllByRole("listitem")
      .map((l) => l.textContent?.match(/\d\d:\d\d/)?.[0]);
    expect(times).toEqual([...times].sort());
  });

  it("marks the dish that is kept apart among the dishes", () => {
    const { plan } = clock();
    const dishes = within(screen.getByRole("list", { name: "Dishes" })).getAllByRole("listitem");
    expect(dishes.map((d) => /strict/.test(d.textContent ?? ""))).toEqual(plan.labels.map((l) => l.strict));
  });

  it("opens a task that is touched, and moves it or says why it cannot", async () => {
    const { plan, change } = clock();
    await asList();
    const movable = orderOf(plan);
    const late = plan.tasks.find((t) => t.id === movable.at(-2));
    await userEvent.click(screen.getAllByRole("button", { name: new RegExp(escaped(late?.words ?? "")) })[0]);
    await userEvent.click(screen.getByRole("button", { name: "Earlier" }));
    const moved = change.mock.calls.length > 0;
    expect(moved || screen.getByText(/Nothing was moved/)).toBeTruthy();
    if (moved) expect(new Set(change.mock.calls[0][0].order)).toEqual(new Set(movable));
  });

  it("tells that it is late, what is lacking, and that the order is the cook's own", async () => {
    const missing = [{ what: "A second oven", mend: "Bake one ahead." }] as never;
    const { change } = clock({ order: ["a"] }, { lateMinutes: 25, missing });
    expect(screen.getByText(/25 minutes late/)).toBeTruthy();
    expect(screen.getByText("Bake one ahead.")).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: /find the order again/ }));
    expect(change).toHaveBeenCalledWith({ order: undefined });
  });

  it("while cooking marks all that went as planned, and what is late", async () => {
    const { plan, change } = clock({ now: "2026-11-27T15:00" });
    await userEvent.click(screen.getByRole("button", { name: /All went as planned/ }));
    const before = plan.tasks.filter((t) => t.from < "2026-11-27T15:00").map((t) => t.id);
    expect(change.mock.calls[0][0].done?.map((d) => d.task).sort()).toEqual([...before].sort());
    await userEvent.click(screen.getByRole("button", { name: "We are 20 minutes late" }));
    expect(change.mock.calls[1][0].done?.length).toBeLessThanOrEqual(before.length);
    expect(change.mock.calls[1][0].now).toBe("2026-11-27T15:00");
  });

  it("begins afresh only where something is done", async () => {
    const [first] = supperPlan().tasks;
    const { change } = clock({ done: [{ task: first.id, from: first.from, to: first.to }] });
    await userEvent.click(screen.getByRole("button", { name: "Begin afresh" }));
    expect(change).toHaveBeenCalledWith({ done: [], now: undefined, order: undefined });
    document.body.replaceChildren();
    clock();
    expect(screen.queryByRole("button", { name: "Begin afresh" })).toBeNull();
  });
});

describe("a breach on the clock", () => {
  it("is one line for all allergens of one way, with its mends, and the worst three first", async () => {
    vi.spyOn(api, "gear").mockResolvedValue({ tools: [], materials: [] } as never);
    const [a, b, c, d] = supperPlan().tasks;
    const breach = { at: b.from, task: b.id, tool: "board", allergen: "wheat", from: a.id, mend: "", ways: ["wash"] };
    const breaches = [
      breach,
      { ...breach, allergen: "milk" },
      { ...breach, task: c.id },
      { ...breach, task: d.id },
      { ...breach, tool: "bowl" },
    ];
    const { change } = clock({}, { breaches: breaches as never });
    const alert = screen.getByRole("alert");
    expect(within(alert).getAllByRole("listitem")).toHaveLength(3);
    expect(alert.textContent).toContain("wheat, milk");
    await userEvent.click(within(alert).getAllByRole("button", { name: /wash up/i })[0]);
    const order = change.mock.calls[0][0].order ?? [];
    expect(order[order.indexOf(b.id) - 1]).toMatch(/^wash-/);
  });
});

function escaped(words: string): string {
  return words.replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
}
