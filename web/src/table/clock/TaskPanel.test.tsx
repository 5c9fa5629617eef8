// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { MealBrief, MealPlan, MealTask } from "../../api";
import { task } from "../../testing/tasks";
import { TaskPanel } from "./TaskPanel";

const first = task("first", "10:00", "10:20");
const second = task("second", "10:20", "10:35", { guards: ["wheat", "milk"] as never });
const plan = { tasks: [first, second], names: ["Gratin"] } as unknown as MealPlan;
const change = vi.fn();
const onPut = vi.fn();

function panel(of: MealTask | undefined, meal: Partial<MealBrief> = {}) {
  render(
    <TaskPanel
      task={of}
      plan={plan}
      meal={{ done: [], ...meal } as unknown as MealBrief}
      change={change}
      onPut={onPut}
      onClose={() => undefined}
    />,
  );
}

describe("one task of the meal", () => {
  beforeEach(() => {
    change.mockReset();
    onPut.mockReset();
  });

  it("says how to look at one while none is open", () => {
    panel(undefined);
    expect(screen.getByText(/Touch a task to see all of it/)).toBeTruthy();
  });

  it("tells when, whose, what, and what must not get into it", () => {
    panel(second);
    expect(screen.getByRole("heading", { name: "10:20 to 10:35" })).toBeTruthy();
    expect(screen.getByText("Gratin")).toBeTruthy();
    expect(screen.getByText("Do second.")).toBeTruthy();
    expect(screen.getByText("Must not get: wheat, milk")).toBeTruthy();
  });

  it("moves by one place, and the first no earlier", async () => {
    panel(first);
    expect((screen.getByRole("button", { name: "Earlier" }) as HTMLButtonElement).disabled).toBe(true);
    await userEvent.click(screen.getByRole("button", { name: "Later" }));
    expect(onPut).toHaveBeenCalledWith("first", 1);
  });

  it("marks it begun, and the meal's now with it", async () => {
    panel(second);
    await userEvent.click(screen.getByRole("button", { name: "Begun or done" }));
    const { done, now } = change.mock.calls[0][0];
    expect(done.map((d: { task: string }) => d.task)).toEqual(["second"]);
    expect(now).toBe("2026-11-27T10:20");
  });

  it("never turns the clock back", async () => {
    panel(first, { now: "2026-11-27T11:00" } as never);
    await userEvent.click(screen.getByRole("button", { name: "Takes 10 min longer" }));
    expect(change.mock.calls[0][0].now).toBe("2026-11-27T11:00");
  });
});
