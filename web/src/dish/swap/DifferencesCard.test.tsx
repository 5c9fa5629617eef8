// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import type { Difference } from "../../api";
import { DifferencesCard } from "./DifferencesCard";

const swap = { kind: "swap", what: "milk → soy drink", why: "nearest" } as Difference;
const left = { kind: "left-out", what: "anchovies: left out", why: "no fish" } as Difference;
const baked = {
  kind: "bake",
  what: "Covered 40 min, not 30",
  why: "12 mm deeper",
  asWritten: { phases: { covered: 30, open: 15 } },
} as unknown as Difference;
const boiled = {
  kind: "step",
  what: "unboiled",
  why: "they are brittle",
  asWritten: { schools: { sheets: "boil" } },
} as unknown as Difference;

const card = (differences: Difference[], edit = vi.fn()) => {
  render(
    <DifferencesCard
      differences={differences}
      brief={{ schools: { cheese: "mild" }, oven: { celsius: 180 } }}
      edit={edit}
    />,
  );
  return edit;
};

describe("what differs from the recipe", () => {
  it("says that nothing does", () => {
    card([]);
    expect(screen.getByText("Nothing: it is cooked, laid and baked as written.")).toBeTruthy();
  });

  it("says that nothing else does where there are only swaps, one or several", () => {
    card([swap, { ...swap, what: "butter → oil" }]);
    expect(screen.getByText("Nothing else: it is cooked, laid and baked as written.")).toBeTruthy();
    expect(screen.getByText("besides the swaps above")).toBeTruthy();
  });

  it("groups what was left out, worked and baked otherwise, each with its reason", () => {
    card([baked, left, swap]);
    expect(screen.getAllByRole("heading", { level: 3 }).map((h) => h.textContent)).toEqual(["Left out", "In the oven"]);
    expect(screen.getByText("12 mm deeper")).toBeTruthy();
    expect(screen.getByText("besides the swap above")).toBeTruthy();
  });

  it("does it as written with one touch, and changes nothing else", async () => {
    const edit = card([baked, boiled]);
    const buttons = screen.getAllByRole("button", { name: "Do it as written" });
    await userEvent.click(buttons[0]);
    expect(edit).toHaveBeenLastCalledWith({ schools: { cheese: "mild", sheets: "boil" } });
    await userEvent.click(buttons[1]);
    expect(edit).toHaveBeenLastCalledWith({ oven: { celsius: 180, phases: { covered: 30, open: 15 } } });
  });

  it("offers no way back where there is none", () => {
    card([left]);
    expect(screen.queryByRole("button")).toBeNull();
  });
});
