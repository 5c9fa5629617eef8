// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type Product } from "../api";
import { show } from "../testing/show";
import { Packets } from "./Packets";

const sheets = {
  id: "p1",
  name: "Green-box rice sheets",
  standsFor: "gf-lasagna-sheets",
  standsForName: "gluten-free lasagna sheets",
  minutes: 25,
  thirst: 140,
  sheetGrams: 16,
  packGrams: 250,
  reading: {
    verdicts: { "gluten-free": "yes", vegan: "check", "dairy-free": "no" },
    contains: [],
    mayContain: [],
    because: [],
    claims: [],
    unclear: [],
  },
} as unknown as Product;
const bare = { id: "p2", name: "Bag of crumbs", standsForName: "breadcrumbs" } as unknown as Product;

function packets(...kept: Product[]) {
  vi.spyOn(api, "products").mockResolvedValue(kept);
  vi.spyOn(api, "larder").mockResolvedValue([]);
  show(<Packets />);
}

describe("kept packets", () => {
  beforeEach(() => vi.restoreAllMocks());

  it("tell what each stands for and its own figures", async () => {
    packets(sheets);
    const row = (await screen.findByText("Green-box rice sheets")).closest("li") as HTMLElement;
    expect(row.textContent).toContain("gluten-free lasagna sheets");
    for (const figure of ["25 min", "140", "16", "250"]) expect(row.textContent).toContain(figure);
  });

  it("say whom the label fits, with whom to check, and whom it does not", async () => {
    packets(sheets);
    expect(
      await screen.findByText("Fits as far as the label tells: gluten-free; check: vegan; not: dairy-free"),
    ).toBeTruthy();
  });

  it("promise nothing of a label that was not typed", async () => {
    packets(bare);
    const row = (await screen.findByText("Bag of crumbs")).closest("li") as HTMLElement;
    expect(row.textContent).not.toMatch(/Fits as far/);
    expect(row.textContent).toMatch(/label/i);
    expect(row.textContent).toMatch(/no figures of its own/i);
  });

  it("are thrown out by name", async () => {
    const out = vi.spyOn(api, "discardProduct").mockResolvedValue(undefined);
    packets(sheets, bare);
    await userEvent.click(await screen.findByRole("button", { name: /Throw out Bag of crumbs/ }));
    expect(out).toHaveBeenCalledWith("p2");
  });

  it("open one at a time to be changed", async () => {
    packets(sheets, bare);
    const first = await screen.findByRole("button", { name: "Change Green-box rice sheets" });
    const second = screen.getByRole("button", { name: "Change Bag of crumbs" });
    await userEvent.click(first);
    expect(first.getAttribute("aria-expanded")).toBe("true");
    await userEvent.click(second);
    expect([first, second].map((b) => b.getAttribute("aria-expanded"))).toEqual(["false", "true"]);
    expect(within(second.closest("li") as HTMLElement).getByDisplayValue("Bag of crumbs")).toBeTruthy();
  });

  it("that cannot be fetched are an error, not an empty shelf", async () => {
    vi.spyOn(api, "products").mockRejectedValue(new Error("Nabe is not answering."));
    show(<Packets />);
    expect(await screen.findByText("Nabe is not answering.")).toBeTruthy();
  });
});
