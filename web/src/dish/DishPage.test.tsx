// @vitest-environment jsdom
import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { Away, api, type Dish, Refusal } from "../api";
import { leek } from "../testing/leek";
import { show } from "../testing/show";
import { DishPage } from "./DishPage";

vi.mock("idb-keyval", () => ({ createStore: () => undefined, get: async () => undefined, set: async () => undefined }));

const dish = {
  id: "d1",
  version: 4,
  title: "Leek bake",
  canUndo: true,
  canRedo: false,
  brief: { recipe: { text: "x" }, needs: ["dairy-free"] },
} as unknown as Dish;
const open = (stop: string) => show(<DishPage />, `/dishes/d1/${stop}`, "/dishes/:id/:stop");

describe("a dish", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    localStorage.clear();
    vi.spyOn(api, "dish").mockResolvedValue(dish);
    vi.spyOn(api, "plan").mockResolvedValue(leek());
    vi.spyOn(api, "house").mockResolvedValue({ version: 1, house: {} } as never);
    vi.spyOn(api, "houseChoices").mockResolvedValue({ questions: [], tools: [] } as never);
    vi.spyOn(api, "revisions").mockResolvedValue([]);
  });

  it.each([
    ["prep", "Before the oven"],
    ["build", "Build, bottom to top"],
    ["notes", "Take the recipe with you"],
    ["attic", "Safe for"],
  ])("at %s shows its work, with the cut through it beside", async (stop, words) => {
    open(stop);
    expect(await screen.findByText(words)).toBeTruthy();
    expect(screen.getByRole("complementary", { name: "Cross-section" })).toBeTruthy();
    expect(document.querySelectorAll("[aria-current=step]")).toHaveLength(1);
  });

  it("keeps the last good plan on screen when the next cannot be made, and says why", async () => {
    open("prep");
    await screen.findByText("Before the oven");
    vi.spyOn(api, "plan").mockRejectedValue(new Refusal({ title: "", detail: "The pan is too small.", status: 400 }));
    await userEvent.click(screen.getByRole("radio", { name: "20 min" }));
    expect(await screen.findByText(/The pan is too small\./)).toBeTruthy();
    expect(screen.getByText("Before the oven")).toBeTruthy();
  });

  it("saves what is changed, on the version it was changed from", async () => {
    const save = vi.spyOn(api, "change").mockResolvedValue({ ...dish, version: 5 });
    open("prep");
    await userEvent.click(await screen.findByRole("radio", { name: "20 min" }));
    await waitFor(() => expect(save).toHaveBeenCalled());
    expect(save.mock.calls[0][1]).toBe(4);
    expect(save.mock.calls[0][2]).toMatchObject({ needs: ["dairy-free"], prep: { minutesLeft: 20 } });
    expect((await screen.findByRole("status", { name: "Saving" })).textContent).toBe("Saved");
  });

  it("keeps the change here when nobody answers", async () => {
    vi.spyOn(api, "change").mockRejectedValue(new Away(false));
    open("prep");
    await userEvent.click(await screen.findByRole("radio", { name: "20 min" }));
    expect(await screen.findByText("Kept on this page, not saved yet")).toBeTruthy();
    expect(screen.getByRole("radio", { name: "20 min" }).getAttribute("aria-checked")).toBe("true");
  });

  it("undoes what can be undone and offers nothing else", async () => {
    const back = vi.spyOn(api, "undo").mockResolvedValue({ ...dish, version: 5, canUndo: false, canRedo: true });
    open("prep");
    await screen.findByText("Before the oven");
    expect(screen.getByRole("button", { name: "Redo" })).toHaveProperty("disabled", true);
    await userEvent.click(screen.getByRole("button", { name: "Undo" }));
    expect(back).toHaveBeenCalledWith("d1", 4);
    await waitFor(() => expect(screen.getByRole("button", { name: "Redo" })).toHaveProperty("disabled", false));
  });

  it("says why it cannot be opened, and that it opens by itself where only the server is away", async () => {
    vi.spyOn(api, "dish").mockRejectedValue(new Away(true));
    open("swap");
    expect(await screen.findByText(/database is not answering.*It opens by itself/)).toBeTruthy();
  });
});
