import { api, type LineInBrief, type RecipeInBrief } from "../../api";

/** The recipe with one line corrected. A recipe still held as text is first read into lines. */
export async function withLine(recipe: RecipeInBrief, index: number, line: LineInBrief): Promise<RecipeInBrief> {
  const lined = recipe.lines?.length ? recipe : await inLines(recipe);
  return { ...lined, lines: lined.lines?.map((old, i) => (i === index ? line : old)) };
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
