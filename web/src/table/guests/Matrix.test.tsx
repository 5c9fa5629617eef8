// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Eater, MealPlan } from "../../api";
import { Matrix } from "./Matrix";

const eaters = [
  { name: "Wenna", needs: ["gluten-free"], strict: true },
  { name: "Bryn", needs: [], strict: false },
] as unknown as Eater[];
const plan = {
  names: ["Gratin", "Pot pie"],
  eats: [
    { dish: 0, eater: "Wenna", verdict: "check", why: ["read the label of the melting shreds"] },
    { dish: 1, eater: "Wenna", verdict: "no", why: ["plain flour: wheat"] },
    { dish: 0, eater: "Bryn", verdict: "yes", why: [] },
    { dish: 1, eater: "Bryn", verdict: "yes", why: [] },
  ],
} as unknown as MealPlan;
const onChange = vi.fn();
const onRemove = vi.fn();

const table = (of = plan, meant = (_dish: number, _name: string) => true) =>
  render(<Matrix plan={of} eaters={eaters} isFor={meant} onChange={onChange} onRemove={onRemove} />);
const verdict = (name: RegExp) => screen.getByRole("button", { name });

describe("who can eat what", () => {
  beforeEach(() => {
    onChange.mockReset();
    onRemove.mockReset();
  });

  it("says each verdict in a word, not by colour or sign alone", () => {
    table();
    expect(verdict(/^Wenna, Gratin: read labels$/)).toBeTruthy();
    expect(verdict(/^Wenna, Pot pie: no$/)).toBeTruthy();
    expect(verdict(/^Bryn, Pot pie: yes$/)).toBeTruthy();
  });

  it("says why at a touch, and closes at the next", async () => {
    table();
    const no = verdict(/Wenna, Pot pie/);
    await userEvent.click(no);
    expect(no.getAttribute("aria-expanded")).toBe("true");
    expect(screen.getByText(/plain flour: wheat/)).toBeTruthy();
    await userEvent.click(no);
    expect(screen.queryByText(/plain flour: wheat/)).toBeNull();
  });

  it("takes a verdict it does not know for a no", () => {
    table({ ...plan, eats: [{ ...plan.eats[0], verdict: "perhaps" as never }] });
    expect(verdict(/^Wenna, Gratin: no$/)).toBeTruthy();
  });

  it("marks what is not meant for somebody, and leaves the verdict as it is", () => {
    table(plan, (dish, name) => !(dish === 1 && name === "Wenna"));
    expect(verdict(/^Wenna, Pot pie: no, not meant for them$/)).toBeTruthy();
    expect(verdict(/^Bryn, Pot pie: yes$/)).toBeTruthy();
  });

  it("has no column for a dish that nobody was judged on", () => {
    table({ ...plan, names: [...plan.names, "A dropped one"] });
    expect(screen.queryByRole("columnheader", { name: /A dropped one/ })).toBeNull();
    expect(screen.getByRole("columnheader", { name: /Pot pie/ })).toBeTruthy();
  });

  it("names needs and strictness beside the eater, and lets them be changed", async () => {
    table();
    expect(screen.getByText("gluten-free, strict")).toBeTruthy();
    expect(screen.getByText("eats everything")).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: "Change Wenna" }));
    expect(onChange).toHaveBeenCalledWith("Wenna");
    await userEvent.click(screen.getByRole("button", { name: "Remove Bryn" }));
    expect(onRemove).toHaveBeenCalledWith("Bryn");
  });
});
