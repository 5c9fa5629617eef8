import { afterEach, describe, expect, it, vi } from "vitest";
import { api } from "../../api";
import { withLine } from "./corrections";

afterEach(() => vi.restoreAllMocks());

describe("a corrected line", () => {
  it("stands in for the old one and leaves the others alone", async () => {
    const lines = [{ text: "1 kg potatoes" }, { text: "300 ml cream", heading: "Sauce" }];
    const read = vi.spyOn(api, "read");
    const recipe = await withLine({ title: "Gratin", lines }, 1, { text: "400 ml cream", heading: "Sauce" });
    expect(recipe.lines).toEqual([lines[0], { text: "400 ml cream", heading: "Sauce" }]);
    expect(read).not.toHaveBeenCalled();
  });

  it("may be parted into things of their own, which come after the others", async () => {
    const lines = [{ text: "frumble, pepper and nutmeg", heading: "Sauce" }, { text: "300 ml cream" }];
    const recipe = await withLine({ lines }, 0, { text: "pepper and nutmeg\n\n frumble ", heading: "Sauce" });
    expect(recipe.lines).toEqual([
      { text: "pepper and nutmeg", heading: "Sauce" },
      { text: "300 ml cream" },
      { text: "frumble", heading: "Sauce" },
    ]);
  });

  it("takes a pasted text apart first and keeps the text", async () => {
    vi.spyOn(api, "read").mockResolvedValue({
      title: "Gratin",
      servings: 4,
      steps: ["Bake."],
      lines: [
        { text: "1 kg potatoes", heading: null },
        { text: "salt", heading: null },
      ],
    } as unknown as Awaited<ReturnType<typeof api.read>>);
    const recipe = await withLine({ text: "Gratin …" }, 0, { text: "2 kg potatoes" });
    expect(recipe).toMatchObject({ text: "Gratin …", title: "Gratin", servings: 4, steps: ["Bake."] });
    expect(recipe.lines?.map((l) => l.text)).toEqual(["2 kg potatoes", "salt"]);
  });
});
