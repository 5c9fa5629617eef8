// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../../api";
import { leek } from "../../testing/leek";
import { show } from "../../testing/show";
import { ShareCard } from "./ShareCard";

const { bake } = leek();
const others = Array.from({ length: 8 }, (_, i) => ({ id: `o${i}`, title: `Other ${i}` }));
const placed = (name: string, inAfterMinutes: number) => ({
  name,
  inAfterMinutes,
  bake,
  words: "5 min longer",
  alone: 35,
  ownCelsius: 200,
});
const shared = {
  oven: bake.oven,
  fan: false,
  minutes: 55,
  rounds: [{ dishes: ["Leek bake", "Other 0"], oven: bake.oven, minutes: 55, startsAfterMinutes: 0 }],
  dishes: [placed("Other 0", 20), placed("Leek bake", 0)],
  notes: ["Turn them round at half time."],
};

async function sharing(answer: unknown) {
  vi.spyOn(api, "shareOven").mockResolvedValue(answer as never);
  show(<ShareCard dishId="me" />);
  await userEvent.click(await screen.findByRole("button", { name: "Other 0" }));
}

describe("another dish in the same oven", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "dishes").mockResolvedValue([{ id: "me", title: "Leek bake" }, ...others] as never);
  });

  it("is asked about with this one, at one heat", async () => {
    await sharing(shared);
    expect(await screen.findByText(/200 °C \(390 °F\)/)).toBeTruthy();
    expect(api.shareOven).toHaveBeenCalledWith(["me", "o0"]);
    expect(screen.getByText("Turn them round at half time.")).toBeTruthy();
  });

  it("goes in when it must: the first in first", async () => {
    await sharing(shared);
    const text = (await screen.findByText(/In after 20 min/)).closest("ol")?.textContent ?? "";
    expect(text.indexOf("Leek bake")).toBeLessThan(text.indexOf("Other 0"));
  });

  it("is told as the dial shows it where the fan is on", async () => {
    await sharing({ ...shared, fan: true });
    expect(await screen.findByText(/180 °C.*fan|fan.*180 °C/i)).toBeTruthy();
    expect(screen.queryByText(/200 °C \(390 °F\)/)).toBeNull();
  });

  it("bakes in rounds where the shelves do not hold all", async () => {
    const [round] = shared.rounds;
    await sharing({ ...shared, rounds: [round, { ...round, dishes: ["Other 1"], startsAfterMinutes: 55 }] });
    expect(await screen.findByText(/2 rounds/)).toBeTruthy();
    expect(screen.getByText(/^Other 1: 200 °C/)).toBeTruthy();
  });

  it("is one of five first, and of all when asked; never this dish itself", async () => {
    show(<ShareCard dishId="me" />);
    await screen.findByRole("button", { name: "Other 4" });
    expect(screen.queryByRole("button", { name: "Other 5" })).toBeNull();
    await userEvent.click(screen.getByRole("button", { name: /3 more/ }));
    expect(screen.getByRole("button", { name: "Other 7" })).toBeTruthy();
    expect(screen.queryByRole("button", { name: "Leek bake" })).toBeNull();
  });

  it("says why it does not go", async () => {
    vi.spyOn(api, "shareOven").mockRejectedValue(new Error("No heat suits both."));
    show(<ShareCard dishId="me" />);
    await userEvent.click(await screen.findByRole("button", { name: "Other 0" }));
    expect(await screen.findByText("No heat suits both.")).toBeTruthy();
  });
});
