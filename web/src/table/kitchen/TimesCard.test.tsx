// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { TimesCard } from "./TimesCard";

const meal = {
  serveAt: "2026-11-27T19:30",
  kitchen: { cooks: 2, sittings: [{ from: "2026-11-27T13:30", to: "2026-11-27T19:30", cooks: 1 }] },
};
const card = () => {
  const change = vi.fn();
  render(<TimesCard meal={meal} change={change} />);
  return change;
};

describe("the times there are to work", () => {
  it("stand under their day", () => {
    card();
    expect(screen.getByText("Friday 27 November")).toBeTruthy();
    expect((screen.getByLabelText("Work from") as HTMLInputElement).value).toBe("2026-11-27T13:30");
  });

  it("begin the evening before, with one touch, before all others", async () => {
    const change = card();
    await userEvent.click(screen.getByRole("button", { name: "Add the evening before" }));
    expect(change).toHaveBeenCalledWith({
      kitchen: {
        ...meal.kitchen,
        sittings: [{ from: "2026-11-26T18:00", to: "2026-11-26T21:00" }, ...meal.kitchen.sittings],
      },
    });
  });

  it("take four hours more on the day", async () => {
    const change = card();
    await userEvent.click(screen.getByRole("button", { name: "Add time on the day" }));
    expect(change.mock.lastCall?.[0].kitchen.sittings).toEqual([
      meal.kitchen.sittings[0],
      { from: "2026-11-27T15:30", to: "2026-11-27T19:30" },
    ]);
  });

  it("go with one touch, named by their day", async () => {
    const change = card();
    await userEvent.click(screen.getByRole("button", { name: "Remove this time to work, Friday 27 November" }));
    expect(change).toHaveBeenCalledWith({ kitchen: { ...meal.kitchen, sittings: [] } });
  });
});
