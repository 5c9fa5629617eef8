// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { Brief } from "../../api";
import { leek } from "../../testing/leek";
import { atStop, show } from "../../testing/show";
import { grams } from "../../ui";
import { PrepStop } from "./PrepStop";

function prepared(change: Partial<ReturnType<typeof leek>["prep"]> = {}, brief: Brief = {}) {
  const plan = leek();
  Object.assign(plan.prep, change);
  const { props, edit } = atStop(plan, brief);
  show(<PrepStop {...props} />);
  return { plan, edit };
}

const weights = () => screen.getAllByRole("definition").map((d) => d.textContent);

describe("before the oven", () => {
  it("has every step, and the minutes of work in them all", () => {
    const { plan } = prepared();
    const text = document.body.textContent ?? "";
    for (const step of plan.prep.steps) expect(text).toContain(step.text);
    const active = plan.prep.steps.reduce((sum, s) => sum + s.activeMinutes, 0);
    expect(text).toContain(`${active} min`);
  });

  it("adds up: raw, less what cooks off, is what enters the dish", () => {
    const { plan } = prepared();
    expect(weights()).toEqual([
      grams(plan.massAfterGrams),
      `− ${grams(plan.prep.cookedOffGrams)}`,
      grams(plan.prep.readyGrams),
    ]);
    expect(plan.massAfterGrams - plan.prep.cookedOffGrams).toBeCloseTo(plan.prep.readyGrams, 6);
  });

  it("counts the sheets that the pan takes beyond the recipe's", () => {
    const plan = leek();
    const [first] = plan.build.layers;
    if (first) first.grams += 88;
    const { props } = atStop(plan, {});
    show(<PrepStop {...props} />);
    expect(weights()).toContain(`+ ${grams(88)}`);
    expect(weights().at(-1)).toBe(grams(plan.prep.readyGrams + 88));
  });

  it("names what is taken up on the way only where something is", () => {
    prepared({ takenUpGrams: 120 });
    expect(weights()[2]).toBe("+ 120 g");
  });

  it("keeps the mends that were taken when the time left is told", async () => {
    const { edit } = prepared({}, { prep: { mends: { drain: 1 } } });
    await userEvent.click(screen.getByRole("radio", { name: "20 min" }));
    expect(edit).toHaveBeenCalledWith({ prep: { mends: { drain: 1 }, minutesLeft: 20 } });
  });
});
