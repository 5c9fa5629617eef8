import { describe, expect, it } from "vitest";
import type { Brief } from "../api";
import { differences } from "./differences";

const brief = (more: Partial<Brief>): Brief => ({ recipe: { text: "Gratin" }, ...more });

describe("two versions of one dish", () => {
  it("show nothing where they agree", () => {
    expect(differences(brief({ notes: "a", needs: ["vegan"] }), brief({ notes: "a", needs: ["vegan"] }))).toEqual([]);
  });

  it("show each thing that differs, in a cook's words", () => {
    const mine = brief({
      needs: ["vegan"],
      avoid: ["soy"],
      strict: true,
      servings: 8,
      oven: { celsius: 180, fan: true, start: "fridge" },
    });
    const theirs = brief({
      needs: ["vegan"],
      pan: { shape: "round", diameterMm: 280, depthMm: 55, material: "ceramic" },
    });
    const rows = differences(mine, theirs);
    expect(rows.map((r) => r.what)).toEqual(["Needs", "Servings", "Pan", "Oven"]);
    expect(rows[0]).toMatchObject({ mine: "vegan, no soy, strict", theirs: "vegan, by ingredient" });
    expect(rows[2].theirs).toBe("round 280 55 deep ceramic");
    expect(rows[3]).toMatchObject({ mine: "180 °C fan, from the fridge", theirs: "as the recipe" });
  });

  it("compare corrected lines and the cook's own build", () => {
    const rows = differences(
      brief({
        recipe: { lines: [{ text: "1 kg potatoes" }, { text: "300 ml cream" }] },
        build: { sheetLayers: 4, order: ["red-sauce", "structure"] },
      }),
      brief({ prep: { mends: { "cook:3": 200 } } }),
    );
    expect(rows.find((r) => r.what === "Recipe")).toMatchObject({
      mine: "1 kg potatoes; 300 ml cream",
      theirs: "Gratin",
    });
    expect(rows.find((r) => r.what === "Build")?.mine).toBe("red-sauce, structure; 4 layers of sheets");
    expect(rows.find((r) => r.what === "Prep")).toMatchObject({ mine: "as planned", theirs: "cook:3 200" });
  });
});
