import { describe, expect, it } from "vitest";
import { eaterOf, personOf, renamed, without } from "./eaters";

describe("people at the table", () => {
  it("are written as people of the house and back, allergens among their needs", () => {
    const eater = { name: "Una", needs: ["gluten-free", "sesame"], strict: true, oats: "certified" };
    expect(personOf(eater)).toMatchObject({ needs: ["gluten-free"], avoid: ["sesame"], certifiedOats: true });
    expect(eaterOf(personOf(eater))).toEqual(eater);
  });

  it("say nothing of oats where gluten does not matter", () => {
    expect(eaterOf(personOf({ name: "Bo", needs: ["vegan"], strict: false })).oats).toBeUndefined();
  });

  it("keep their dishes under a new name, and leave none behind for nobody", () => {
    expect(renamed(["Una", "Bo"], "Una", "Ona")).toEqual(["Ona", "Bo"]);
    expect(without(["Una"], "Una")).toBeUndefined();
    expect(without(undefined, "Una")).toBeUndefined();
  });
});
