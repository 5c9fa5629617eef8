// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type MealPlan } from "../api";
import { show } from "../testing/show";
import { supper, supperPlan } from "../testing/supper";
import { PrintPage } from "./PrintPage";

async function paper(change: (plan: MealPlan) => void = () => undefined) {
  const plan = supperPlan();
  plan.status.proven = true;
  change(plan);
  vi.spyOn(api, "mealPlan").mockResolvedValue(plan);
  show(<PrintPage />, "/table/m1/print", "/table/:id/print");
  return { plan, sheet: (await screen.findAllByRole("article"))[0] };
}

describe("the meal on paper", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "meal").mockResolvedValue(supper());
  });

  it("has every task, every dial and every thing to buy", async () => {
    const { plan, sheet } = await paper();
    const text = sheet.textContent ?? "";
    for (const t of plan.tasks) expect(text).toContain(t.words);
    for (const h of plan.heats) expect(text).toContain(h.words);
    for (const item of plan.shopping) expect(text).toContain(item.item);
  });

  it("says of everybody and every dish yes, no, or by the labels, as the plan judges", async () => {
    const { plan, sheet } = await paper();
    const rows = within(within(sheet).getAllByRole("table")[0]).getAllByRole("row").slice(1);
    const words = { yes: "yes", check: "if the labels say so", no: "no" } as Record<string, string>;
    for (const row of rows) {
      const who = within(row).getByRole("rowheader").textContent;
      const cells = within(row)
        .getAllByRole("cell")
        .map((c) => c.textContent);
      expect(cells).toEqual(
        plan.labels.map((l) => words[plan.eats.find((e) => e.eater === who && e.dish === l.dish)?.verdict ?? "no"]),
      );
    }
  });

  it("a verdict that is not there is a no", async () => {
    const { sheet } = await paper((p) => {
      p.eats = p.eats.filter((e) => e.eater !== "Osk" || e.dish !== 0);
    });
    const osk = within(sheet).getByRole("rowheader", { name: "Osk" }).closest("tr") as HTMLElement;
    expect(within(osk).getAllByRole("cell")[0].textContent).toBe("no");
  });

  it("has a card for each dish and the reminder to read every packet", async () => {
    const { plan, sheet } = await paper();
    for (const l of plan.labels) expect(within(sheet).getAllByText(l.name).length).toBeGreaterThan(1);
    expect(sheet.textContent).toContain("Read every packet each time");
  });

  it("owns up to what is lacking and that it is late", async () => {
    const { sheet } = await paper((p) => {
      p.lateMinutes = 15;
      p.missing = [{ what: "A third saucepan.", mend: "Borrow one." }] as never;
    });
    expect(sheet.textContent).toContain("A third saucepan. Borrow one.");
    expect(sheet.textContent).toContain("15 minutes late");
  });

  it("cannot be printed before the best order is known", async () => {
    vi.spyOn(api, "mealPlan").mockImplementation(() => new Promise(() => undefined));
    show(<PrintPage />, "/table/m1/print", "/table/:id/print");
    expect(await screen.findByRole("button", { name: "Print" })).toHaveProperty("disabled", true);
  });
});
