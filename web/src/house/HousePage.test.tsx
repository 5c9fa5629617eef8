// @vitest-environment jsdom
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type House } from "../api";
import { show } from "../testing/show";
import { HousePage } from "./HousePage";

const wenna = { id: "w", name: "Wenna", needs: ["gluten-free"], avoid: ["sesame"], strict: true, certifiedOats: false };
const choices = {
  questions: [
    {
      id: "soak",
      ask: "Do you soak lentils?",
      why: "Some do.",
      answers: [
        { id: "no", name: "No" },
        { id: "yes", name: "Yes" },
      ],
    },
  ],
  tools: [
    { id: "colander", name: "colander", cleans: false },
    { id: "blender", name: "blender", cleans: true },
  ],
};

function house(own: Partial<House> = {}) {
  const kept = { version: 3, house: { people: [wenna], schools: {}, lacks: [], keptApart: [], ...own } };
  vi.spyOn(api, "house").mockResolvedValue(kept as never);
  const save = vi.spyOn(api, "saveHouse").mockImplementation(async (h) => ({ version: 4, house: h }) as never);
  show(<HousePage />);
  return save;
}

const sent = (save: ReturnType<typeof house>) => waitFor(() => save.mock.calls[0][0]);

describe("the house", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "houseChoices").mockResolvedValue(choices as never);
  });

  it("tells of each person what they cannot have, how strictly, and whether oats", async () => {
    house();
    const about = await screen.findByText(/gluten-free, no sesame/);
    expect(about.textContent).toMatch(/strict/);
    expect(about.textContent).toMatch(/no oats/i);
  });

  it("asks about oats only of those without gluten", async () => {
    house();
    await userEvent.click(await screen.findByRole("button", { name: "Change Wenna" }));
    expect(screen.getByRole("radio", { name: /certified/i })).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: "Gluten-free" }));
    expect(screen.queryByRole("radio", { name: /certified/i })).toBeNull();
  });

  it("keeps nobody without a name", async () => {
    const save = house();
    await userEvent.click(await screen.findByRole("button", { name: "Add a person" }));
    const button = screen.getByRole("button", { name: "Keep this person" });
    expect(button).toHaveProperty("disabled", true);
    await userEvent.type(screen.getByRole("textbox", { name: "Name" }), "  Osk ");
    await userEvent.click(button);
    expect((await sent(save))?.people?.map((p) => p.name)).toEqual(["Wenna", "Osk"]);
  });

  it("removes one person and no other", async () => {
    const save = house({ people: [wenna, { ...wenna, id: "o", name: "Osk" }] });
    await userEvent.click(await screen.findByRole("button", { name: "Remove Wenna" }));
    expect((await sent(save))?.people?.map((p) => p.name)).toEqual(["Osk"]);
  });

  it("a tool it has not is none that it keeps apart", async () => {
    const save = house({ keptApart: ["colander", "blender"] });
    await userEvent.click(await screen.findByRole("checkbox", { name: /we have.*colander/i }));
    expect(await sent(save)).toMatchObject({ lacks: ["colander"], keptApart: ["blender"] });
  });

  it("a tool kept apart is one that is there", async () => {
    const save = house({ lacks: ["blender", "colander"] });
    await userEvent.click(await screen.findByRole("checkbox", { name: /blender.*kept|kept.*blender/i }));
    expect(await sent(save)).toMatchObject({ lacks: ["colander"], keptApart: ["blender"] });
  });

  it("warns of the tool that does not wash clean, and of no other", async () => {
    house();
    const rows = (await screen.findAllByRole("row")).slice(1);
    expect(rows.map((r) => /does not wash clean/i.test(r.textContent ?? ""))).toEqual([true, false]);
    expect(within(rows[0]).getAllByRole("checkbox")).toHaveLength(2);
  });

  it("the usual answer is none of its own", async () => {
    const save = house({ schools: { soak: "yes", other: "x" } });
    await userEvent.click(await screen.findByRole("radio", { name: "No" }));
    expect((await sent(save))?.schools).toEqual({ other: "x" });
  });

  it("says what was not kept", async () => {
    const save = house();
    save.mockRejectedValue(new Error("The house was changed elsewhere."));
    await userEvent.click(await screen.findByRole("radio", { name: "Yes" }));
    expect((await screen.findAllByText(/The house was changed elsewhere\./)).length).toBeGreaterThan(0);
  });
});
