import { api, type LineInBrief, type RecipeInBrief } from "../../api";

/**
 * The recipe with one line corrected. A recipe still held as text is first read into lines. What the cook parted with
 * Enter become lines of their own; they come last, since choices hold on to the others by their place.
 */
export async function withLine(recipe: RecipeInBrief, index: number, line: LineInBrief): Promise<RecipeInBrief> {
  const lined = recipe.lines?.length ? recipe : await inLines(recipe);
  const [first, ...others] = (line.text ?? "")
    .split("\n")
    .map((text) => text.trim())
    .filter((text) => text !== "");
  const corrected = (lined.lines ?? []).map((old, i) => (i === index ? { ...line, text: first ?? line.text } : old));
  return { ...lined, lines: [...corrected, ...others.map((text) => ({ text, heading: line.heading }))] };
}

async function inLines(recipe: RecipeInBrief): Promise<RecipeInBrief> {
  const read = await api.read(recipe.text ?? "");
  return {
    ...recipe,
    title: read.title,
    servings: read.servings,
    steps: read.steps,
    lines: read.lines.map((l) => ({ text: l.text, heading: l.heading })),
  };
}
