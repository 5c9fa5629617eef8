import ts from "typescript";
import { describe, expect, it } from "vitest";
import english from "../../../core/src/main/resources/messages/en.properties";

const SOURCES = import.meta.glob<string>(
  ["../**/*.ts", "../**/*.tsx", "!../**/*.test.*", "!../testing/**", "!../api/schema.d.ts"],
  {
    query: "?raw",
    import: "default",
    eager: true,
  },
);

/** What a cook sees or hears of a widget. */
const SPOKEN = new Set([
  "aria-label",
  "aside",
  "heading",
  "hint",
  "label",
  "name",
  "none",
  "note",
  "placeholder",
  "title",
  "unit",
  "what",
]);

const LETTERS = /\p{L}{2,}/u;

/** Words of the pages that stand in the code. */
function words(source: string): string[] {
  const found: string[] = [];
  const file = ts.createSourceFile("page.tsx", source, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  visit(file);
  return found;

  function visit(node: ts.Node): void {
    if (ts.isJsxText(node)) note(node.text);
    if (ts.isStringLiteralLike(node) && isShown(node)) note(node.text);
    if (ts.isTemplateExpression(node) && isShown(node))
      note(node.head.text + node.templateSpans.map((s) => s.literal.text).join(""));
    ts.forEachChild(node, visit);
  }

  function note(text: string): void {
    if (LETTERS.test(text) && text !== "Nabe") found.push(text.trim());
  }
}

/** Whether it is drawn between tags or told by an attribute, and not handed to something else first. */
function isShown(node: ts.Node): boolean {
  const parent = node.parent;
  if (ts.isJsxAttribute(parent)) return SPOKEN.has(parent.name.getText());
  if (ts.isJsxExpression(parent)) return !ts.isJsxAttribute(parent.parent) || SPOKEN.has(parent.parent.name.getText());
  const passes =
    ts.isParenthesizedExpression(parent) ||
    (ts.isConditionalExpression(parent) && parent.condition !== node) ||
    (ts.isBinaryExpression(parent) && /^(?:&&|\|\||\?\?|\+)$/.test(parent.operatorToken.getText()));
  return passes && isShown(parent);
}

describe("the pages", () => {
  it("see words in the text, in attributes and in either branch, and none in what is only compared", () => {
    const page = `<p title="Left out" className="mt-1">{a === "open" ? "covered" : told("web.dish.open")} Rest</p>`;
    expect(words(page)).toEqual(["Left out", "covered", "Rest"]);
  });

  it.each(Object.keys(SOURCES).filter((file) => file.endsWith(".tsx")))("have no words of their own: %s", (file) => {
    expect(words(SOURCES[file])).toEqual([]);
  });

  it("tell nothing that is not in the bundle, and all that is", () => {
    const codes = new Set(
      Object.values(SOURCES).flatMap((source) => source.match(/(?<=")web\.[a-z]+\.[a-z0-9-]+(?=")/g) ?? []),
    );
    expect([...codes].filter((code) => !(code in english))).toEqual([]);
    expect(Object.keys(english).filter((code) => code.startsWith("web.") && !codes.has(code))).toEqual([]);
  });
});
