// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import type { MealPlan } from "../../api";
import type { ViewProps } from "../viewProps";
import { ApartView } from "./ApartView";

const plan = {
  names: ["Leek gratin", "Pot pie"],
  breaches: [],
  ordinaryBreaches: 7,
  stories: [
    { eater: "Wenna", dish: 0, lines: [{ where: "packet", words: "Read the label of the shreds.", at: null }] },
    { eater: "Osk", dish: 0, lines: [{ where: "oven", words: "Top shelf, covered.", at: "2026-11-27T18:10" }] },
  ],
} as unknown as MealPlan;
const view = (more: Partial<MealPlan> = {}) =>
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { enabled: false } } })}>
      <ApartView {...({ meal: {}, plan: { ...plan, ...more }, change: vi.fn() } as unknown as ViewProps)} />
    </QueryClientProvider>,
  );

describe("how strict food stays apart", () => {
  it("says that nothing gets in, and how often it would have without a plan", () => {
    view();
    expect(screen.getByText("nothing gets where it must not be.").tagName).toBe("STRONG");
    expect(screen.getByText(/it would have happened 7 times/)).toBeTruthy();
  });

  it("tells one person's food at a time, place by place", async () => {
    view();
    expect(screen.getByText("Leek gratin, for Wenna")).toBeTruthy();
    expect(screen.queryByText("Top shelf, covered.")).toBeNull();
    await userEvent.click(screen.getByRole("radio", { name: "Osk" }));
    expect(screen.getByText("Leek gratin, for Osk")).toBeTruthy();
    expect(screen.getByText("Fri 18:10")).toBeTruthy();
    expect(screen.queryByText("Read the label of the shreds.")).toBeNull();
  });

  it("says so where nobody is strict", () => {
    view({ stories: [] });
    expect(screen.getByText(/Nobody at this table is strict/)).toBeTruthy();
    expect(screen.queryByRole("radio")).toBeNull();
  });
});
