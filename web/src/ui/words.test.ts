import { describe, expect, it } from "vitest";
import { allergenWord, change, grams, minutes, percent, sentence } from "./words";

describe("figures as a cook reads them", () => {
  it.each([
    [0.4, "0.5 g"],
    [9.8, "10 g"],
    [12.4, "12 g"],
    [237, "235 g"],
    [998, "1 kg"],
    [1234, "1.23 kg"],
    [2000, "2 kg"],
  ])("weighs %s g as %s", (value, words) => expect(grams(value)).toBe(words));

  it.each([
    [0, "0 min"],
    [45, "45 min"],
    [60, "1 h"],
    [135, "2 h 15 min"],
  ])("tells %s minutes as %s", (value, words) => expect(minutes(value)).toBe(words));

  it("tells changes with their sign, and small ones only of salt", () => {
    expect([change(140), change(-37), change(0.6), change(-148)]).toEqual(["+140 g", "−37 g", "same", "−150 g"]);
    expect([change(0.6, true), change(-1.24, true), change(0.02, true)]).toEqual(["+0.6 g", "−1.2 g", "same"]);
  });

  it("names nuts without their family", () => {
    expect([allergenWord("tree-nut:cashew"), allergenWord("milk"), sentence("gluten-free"), percent(0.825)]).toEqual([
      "cashew",
      "milk",
      "Gluten-free",
      "83 %",
    ]);
  });
});
