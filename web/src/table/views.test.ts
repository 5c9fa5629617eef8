import { describe, expect, it } from "vitest";
import type { MealPlan } from "../api";
import { supperPlan } from "../testing/supper";
import { places } from "./shopping/places";
import { attention, isView, VIEW_WORDS, VIEWS } from "./views";

const plan = (change: Partial<MealPlan>) => ({ ...supperPlan(), ...change });

describe("the views of a meal", () => {
  it("each have a name of their own, and no other word is one", () => {
    expect(new Set(VIEWS.map((v) => VIEW_WORDS[v])).size).toBe(VIEWS.length);
    for (const view of VIEWS) expect(isView(view)).toBe(true);
    for (const word of ["", "cards", undefined]) expect(isView(word)).toBe(false);
  });

  it("ask for no look where the meal is well, nor before there is a plan", () => {
    for (const view of VIEWS) {
      expect(attention(view, supperPlan())).toBeNull();
      expect(attention(view, undefined)).toBeNull();
    }
  });

  it.each([
    ["guests", { gaps: [{ eater: "Osk", offer: "" }] }, "1 without"],
    [
      "kitchen",
      {
        missing: [
          { what: "a", mend: "" },
          { what: "b", mend: "" },
        ],
      },
      "2 missing",
    ],
    ["clock", { lateMinutes: 12 }, "12 min late"],
    ["apart", { breaches: [{}, {}, {}] }, "3 broken"],
  ] as const)("%s says what is wrong there, and no other does", (at, change, words) => {
    const wrong = plan(change as unknown as Partial<MealPlan>);
    for (const view of VIEWS) expect(attention(view, wrong)).toBe(view === at ? words : null);
  });
});

describe("the shopping by place", () => {
  const all = places(supperPlan().shopping);

  it("has every thing once", () => {
    const listed = all.flatMap((p) => p.items.map((i) => i.item)).sort();
    expect(listed).toEqual(
      supperPlan()
        .shopping.map((i) => i.item)
        .sort(),
    );
  });

  it("has no place twice, and what the cupboard has anyway by itself", () => {
    expect(new Set(all.map((p) => p.place)).size).toBe(all.length);
    for (const { place, items } of all)
      for (const item of items) expect(item.pantry).toBe(place === "From the cupboard");
  });
});
