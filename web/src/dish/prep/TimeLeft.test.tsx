// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import type { PrepStep } from "../../api";
import { TimeLeft } from "./TimeLeft";

const steps = [{ startMinutesBefore: 75 }, { startMinutesBefore: 20 }] as PrepStep[];

describe("the time there is until building", () => {
  it("says how long all of it takes one cook", () => {
    render(<TimeLeft steps={steps} minutesLeft={null} onMinutes={vi.fn()} />);
    expect(screen.getByText("All of it takes one cook 1 h 15 min.")).toBeTruthy();
  });

  it("says so where it is too short, and what to do", () => {
    render(<TimeLeft steps={steps} minutesLeft={60} onMinutes={vi.fn()} />);
    expect(screen.getByText(/^It takes 1 h 15 min: buy ready what you can/)).toBeTruthy();
  });

  it("is enough where it is just as long", () => {
    render(<TimeLeft steps={steps} minutesLeft={75} onMinutes={vi.fn()} />);
    expect(screen.getByText(/All of it takes one cook/)).toBeTruthy();
  });

  it("keeps a time of the cook's own among the choices", () => {
    render(<TimeLeft steps={steps} minutesLeft={75} onMinutes={vi.fn()} />);
    expect(screen.getByRole("radio", { name: "1 h 15 min" }).getAttribute("aria-checked")).toBe("true");
  });

  it("tells minutes, and none for time enough", async () => {
    const onMinutes = vi.fn();
    render(<TimeLeft steps={steps} minutesLeft={60} onMinutes={onMinutes} />);
    await userEvent.click(screen.getByRole("radio", { name: "20 min" }));
    expect(onMinutes).toHaveBeenLastCalledWith(20);
    await userEvent.click(screen.getByRole("radio", { name: "Time enough" }));
    expect(onMinutes).toHaveBeenLastCalledWith(null);
  });

  it("of no steps is none", () => {
    render(<TimeLeft steps={[]} minutesLeft={20} onMinutes={vi.fn()} />);
    expect(screen.getByText("All of it takes one cook 0 min.")).toBeTruthy();
  });
});
