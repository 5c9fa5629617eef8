import { describe, expect, it } from "vitest";
import { matching } from "./matching";

const options = [
  { id: "1", name: "plain wheat flour", also: ["all-purpose flour"] },
  { id: "2", name: "rice flour", also: [] },
  { id: "3", name: "crème fraîche", also: ["soured cream"] },
  { id: "4", name: "flour tortillas", also: ["wraps"] },
];
const names = (typed: string) => matching(options, typed).map((o) => o.name);

describe("one of many by a part of its name", () => {
  it("puts what begins so first, then words that begin so", () => {
    expect(names("flour")).toEqual(["flour tortillas", "plain wheat flour", "rice flour"]);
  });

  it("knows other names, after all that go by it themselves", () => {
    expect(names("wrap")).toEqual(["flour tortillas"]);
    expect(names("cream")).toEqual(["crème fraîche"]);
  });

  it("needs no accents and gives nothing where nothing fits", () => {
    expect(names("creme")).toEqual(["crème fraîche"]);
    expect(names("zzz")).toEqual([]);
  });
});
