import { describe, expect, it } from "vitest";
import type { ShelfDish } from "../api";
import { found } from "./find";

const dish = (title: string, family: string, needs: string[] = [], avoid: string[] = []) =>
  ({ id: title, title, family, needs, avoid }) as unknown as ShelfDish;
const SHELF = [
  dish("Moussaka", "moussaka", ["gluten-free"]),
  dish("autumn lasagne", "lasagna", ["vegan"]),
  dish("Leek gratin", "gratin", [], ["celery"]),
];
const titles = (words: string, order: Parameters<typeof found>[2] = "changed") =>
  found(SHELF, words, order).map((d) => d.title);

describe("finding a dish", () => {
  it("looks for every word in name, kind and needs, whatever its case", () => {
    expect(titles("LASAGNA vegan")).toEqual(["autumn lasagne"]);
    expect(titles("no celery")).toEqual(["Leek gratin"]);
    expect(titles("vegan gratin")).toEqual([]);
  });

  it("keeps the last changed first where no other order is asked for", () => {
    expect(titles("  ")).toEqual(["Moussaka", "autumn lasagne", "Leek gratin"]);
    expect(titles("", "name")).toEqual(["autumn lasagne", "Leek gratin", "Moussaka"]);
  });
});
