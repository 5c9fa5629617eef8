// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api";
import { show } from "../testing/show";
import { LarderPage } from "./LarderPage";

const open = (shelf: string) => show(<LarderPage />, `/larder/${shelf}`, "/larder/:shelf");

const ricotta = {
  id: "r",
  name: "Tofu ricotta",
  kind: "soft cheese",
  makes: "tofu-ricotta",
  ingredients: [{ item: "firm tofu", ingredient: "tofu-firm", grams: 400 }],
  readyGrams: 406,
  active: 10,
  passive: 25,
  tools: ["fine-sieve"],
  days: 3,
  freezes: "no",
  allergens: ["soy"],
  steps: ["Press the tofu."],
  sign: "Moist crumbs that hold when pressed.",
};
const cream = {
  ...ricotta,
  id: "c",
  name: "Oat cream",
  kind: "cream",
  days: 0,
  freezes: "weeps",
  allergens: [],
  tools: [],
};

describe("the larder", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    localStorage.clear();
  });

  it("opens at the label where it does not know the shelf", () => {
    open("attic");
    expect(screen.getByRole("link", { name: "Read a label" }).getAttribute("aria-current")).toBe("page");
  });

  it("reads the label that was pasted, and loses nothing of it when it cannot", async () => {
    vi.spyOn(api, "label").mockRejectedValue(new Error("This is no list of ingredients."));
    open("label");
    const field = screen.getByRole("textbox");
    await userEvent.type(field, "Water, oats");
    await userEvent.click(screen.getByRole("button", { name: "Read this label" }));
    expect(await screen.findByText("This is no list of ingredients.")).toBeTruthy();
    expect(field).toHaveProperty("value", "Water, oats");
    expect(api.label).toHaveBeenCalledWith("Water, oats", expect.anything());
  });

  it("has the label again after the page was left", async () => {
    open("label");
    await userEvent.type(screen.getByRole("textbox"), "Rice, salt");
    document.body.replaceChildren();
    open("label");
    expect(screen.getByRole("textbox")).toHaveProperty("value", "Rice, salt");
  });

  it("shows what is made at home, one kind or all, and how it keeps", async () => {
    vi.spyOn(api, "components").mockResolvedValue([ricotta, cream] as never);
    open("components");
    expect(await screen.findByText("Tofu ricotta")).toBeTruthy();
    const text = document.body.textContent ?? "";
    for (const words of ["firm tofu · 400 g", "Press the tofu.", "Moist crumbs", "soy", "fine sieve"])
      expect(text).toContain(words);
    await userEvent.click(screen.getByRole("radio", { name: "Cream" }));
    expect(screen.queryByText("Tofu ricotta")).toBeNull();
    expect(screen.getByText("Oat cream")).toBeTruthy();
  });

  it("forgets a wording on one touch", async () => {
    vi.spyOn(api, "wordings").mockResolvedValue([
      { words: "soft cheese of ours", ingredient: "ricotta", ingredientName: "ricotta" },
    ] as never);
    const forget = vi.spyOn(api, "forget").mockResolvedValue(undefined);
    open("wordings");
    await userEvent.click(await screen.findByRole("button", { name: /Forget .*soft cheese of ours/ }));
    expect(forget).toHaveBeenCalledWith("soft cheese of ours");
  });

  it("says that nothing is remembered yet", async () => {
    vi.spyOn(api, "wordings").mockResolvedValue([]);
    open("wordings");
    expect(await screen.findByText(/^Nothing yet/)).toBeTruthy();
  });
});
