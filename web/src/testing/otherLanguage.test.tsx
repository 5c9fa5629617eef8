// @vitest-environment jsdom
import type { ReactNode } from "react";
import { beforeAll, describe, expect, it, vi } from "vitest";
import english from "../../../core/src/main/resources/messages/en.properties";
import { api } from "../api";
import { speak } from "../messages";
import { leek } from "./leek";
import { atStop, show } from "./show";
import { supper, supperPlan } from "./supper";

vi.mock("idb-keyval", () => ({ createStore: () => undefined, get: async () => undefined, set: async () => undefined }));

const DATA = [leek(), supper(), supperPlan()];
const MONTHS = (english as Record<string, unknown>)["web.table.january-february-march-april-may-june"];
const KNOWN = JSON.stringify([DATA, MONTHS, "Leek bake"]).toLowerCase();
const LETTERS = /\p{L}{2,}/u;
const HEARD = ["aria-label", "aria-valuetext", "placeholder", "title", "alt"];

type Node = string | number | Node[] | { [choice: string]: Node };

/** Every word of a pattern between marks; what is put in stays as it is. */
function mark(node: Node, within = false): Node {
  if (typeof node === "string") return /\p{L}/u.test(node) ? `‹${node}›` : node;
  if (Array.isArray(node)) return node.map((n, i) => (within && i === 0 ? n : mark(n, true)));
  return typeof node === "number" ? node : Object.fromEntries(Object.entries(node).map(([k, n]) => [k, mark(n)]));
}

/** The bundle in a language nobody speaks. */
function marked() {
  const all = Object.entries(english as Record<string, Node>);
  return Object.fromEntries(all.map(([code, words]) => [code, mark(words)]));
}

/** What is left of a text when all that came from the bundle is out of it, whole or cut short: "‹Th 20". */
function outside(text: string): string {
  return text.replace(/‹[^‹›]*›|^‹.*$/g, "\n");
}

function said(page: HTMLElement): string[] {
  const words: string[] = [];
  const texts = document.createTreeWalker(page, NodeFilter.SHOW_TEXT);
  while (texts.nextNode()) words.push(texts.currentNode.textContent ?? "");
  for (const name of HEARD) for (const e of page.querySelectorAll(`[${name}]`)) words.push(e.getAttribute(name) ?? "");
  return words;
}

/** Words that neither the bundle nor the server said. */
function escaped(page: HTMLElement): string[] {
  return said(page)
    .flatMap((text) => outside(text).split(/[()[\]:;,.·+→…\d%\n]|\s{2,}| − | – /))
    .map((piece) => piece.trim().toLowerCase())
    .filter((piece) => LETTERS.test(piece) && !KNOWN.includes(piece));
}

const answers = {
  dish: { id: "d1", title: "Leek bake", version: 1, brief: { recipe: { text: "x" }, needs: [] } },
  plan: leek(),
  meal: supper(),
  mealPlan: supperPlan(),
  meals: [supper()],
  house: { version: 1, house: { people: [], schools: {}, lacks: [], keptApart: [], pans: [] } },
  houseChoices: { questions: [], tools: [] },
  gear: { tools: [], times: [] },
};

const stops = [
  ["read", async () => (await import("../dish/read/ReadStop")).ReadStop],
  ["swap", async () => (await import("../dish/swap/SwapStop")).SwapStop],
  ["prep", async () => (await import("../dish/prep/PrepStop")).PrepStop],
  ["build", async () => (await import("../dish/build/BuildStop")).BuildStop],
  ["bake", async () => (await import("../dish/bake/BakeStop")).BakeStop],
] as const;

const views = [
  ["guests", async () => (await import("../table/guests/GuestsView")).GuestsView],
  ["kitchen", async () => (await import("../table/kitchen/KitchenView")).KitchenView],
  ["clock", async () => (await import("../table/clock/ClockView")).ClockView],
  ["apart", async () => (await import("../table/apart/ApartView")).ApartView],
  ["shopping", async () => (await import("../table/shopping/ShoppingView")).ShoppingView],
  ["serve", async () => (await import("../table/serve/ServeView")).ServeView],
] as const;

const pages: readonly (readonly [string, string, string, () => Promise<() => ReactNode>])[] = [
  ["card", "/dishes/d1/card", "/dishes/:id/card", async () => (await import("../dish")).CardPage],
  ["paper", "/table/m1/print", "/table/:id/print", async () => (await import("../table")).PrintPage],
  ["meals", "/table", "/table", async () => (await import("../table")).Meals],
  ["house", "/house", "/house", async () => (await import("../house")).HousePage],
];

describe("in another language", () => {
  beforeAll(() => {
    speak(marked() as never);
    for (const [name, answer] of Object.entries(answers))
      vi.spyOn(api, name as "dish").mockResolvedValue(answer as never);
    for (const name of [
      "products",
      "wordings",
      "components",
      "dishes",
      "shelf",
      "revisions",
      "ticks",
      "whatIf",
      "larder",
      "pans",
    ] as const)
      vi.spyOn(api, name).mockResolvedValue([] as never);
  });

  it.each(stops)("the stop %s has no words of its own", async (_, find) => {
    const Stop = await find();
    const { container } = show(<Stop {...atStop(leek()).props} />);
    expect(container.textContent).toContain("‹");
    expect(escaped(container)).toEqual([]);
  });

  it.each(views)("the view %s of a meal has no words of its own", async (_, find) => {
    const View = await find();
    const kept = supper();
    const { container } = show(<View kept={kept} meal={kept.meal} plan={supperPlan()} change={vi.fn()} />);
    expect(container.textContent).toContain("‹");
    expect(escaped(container)).toEqual([]);
  });

  it.each(pages)("the page %s has no words of its own", async (_, at, path, find) => {
    const Page = await find();
    const { container } = show(<Page />, at, path);
    await vi.waitFor(() => expect(container.textContent?.length).toBeGreaterThan(200));
    expect(escaped(container)).toEqual([]);
  });
});
