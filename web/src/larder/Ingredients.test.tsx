// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type LarderItem } from "../api";
import { show } from "../testing/show";
import { Ingredients } from "./Ingredients";

function food(name: string, more: Partial<LarderItem> = {}): LarderItem {
  const plain = {
    aliases: [],
    roles: [],
    allergens: [],
    maybe: [],
    traces: [],
    origin: "plant",
    properties: {},
    madeBy: [],
  };
  return {
    id: name,
    name,
    maybeAnimal: false,
    water: 80.4,
    fat: 0.6,
    salt: 0.04,
    source: "a table",
    ...plain,
    ...more,
  } as LarderItem;
}

const oats = food("rolled oats", {
  aliases: ["porridge oats"],
  allergens: ["oats"],
  traces: ["wheat"],
  properties: { absorption: { low: 120, high: 150 }, set: { low: 30, high: 30 }, unheard: { low: 1, high: 2 } },
} as never);

function larder(...items: LarderItem[]) {
  vi.spyOn(api, "larder").mockResolvedValue(items);
  show(<Ingredients />);
}

describe("the larder's foods", () => {
  beforeEach(() => vi.restoreAllMocks());

  it("tell what is in each, what may be, and where the figures come from", async () => {
    larder(oats);
    expect(await screen.findByText("rolled oats")).toBeTruthy();
    const text = document.body.textContent ?? "";
    expect(text).toContain("oats");
    expect(text).toMatch(/wheat/);
    expect(text).toContain("80");
    expect(text).toContain("a table");
  });

  it("say what a food does in a cook's words, a range as one and a figure as one", async () => {
    larder(oats);
    expect(await screen.findByText("100 g drinks 120–150 g water · 30 g sets as an egg does")).toBeTruthy();
  });

  it("are found by any of their names, in capitals or not", async () => {
    larder(oats, food("leek"));
    await screen.findByText("leek");
    await userEvent.type(screen.getByRole("searchbox"), "  PORRIDGE");
    expect(screen.getByText("rolled oats")).toBeTruthy();
    expect(screen.queryByText("leek")).toBeNull();
  });

  it("say so where none goes by the name", async () => {
    larder(oats);
    await screen.findByText("rolled oats");
    await userEvent.type(screen.getByRole("searchbox"), "frumble");
    expect(screen.getByText(/Nothing in the larder goes by/)).toBeTruthy();
  });

  it("are shown forty at a time, with how many more there are", async () => {
    larder(...Array.from({ length: 55 }, (_, i) => food(`food ${i}`)));
    await screen.findByText("food 0");
    expect(screen.getAllByRole("listitem")).toHaveLength(40);
    expect(screen.getByText(/15 more/)).toBeTruthy();
  });
});
