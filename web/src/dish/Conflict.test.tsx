// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { Dish } from "../api";
import { Conflict } from "./Conflict";
import type { Desk } from "./saving";

const dish = (servings: number): Dish => ({
  id: "d",
  version: 1,
  title: "Gratin",
  brief: { recipe: { text: "Gratin" }, servings },
  canUndo: false,
  canRedo: false,
  changedAt: "",
});
const desk: Desk = { dish: dish(4), brief: dish(6).brief, saving: { kind: "conflict", theirs: dish(8) } };

describe("two versions of a dish", () => {
  it("stand side by side where they differ, and neither goes by Escape", async () => {
    const chosen: string[] = [];
    render(<Conflict desk={desk} onMine={() => chosen.push("mine")} onTheirs={() => chosen.push("theirs")} />);
    const cells = screen.getAllByRole("cell").map((c) => c.textContent);
    expect(cells).toEqual(["6", "8"]);
    await userEvent.keyboard("{Escape}");
    expect(screen.getByRole("dialog")).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: "Keep this window's" }));
    await userEvent.click(screen.getByRole("button", { name: "Take the other window's" }));
    expect(chosen).toEqual(["mine", "theirs"]);
  });

  it("are not shown where there is one", () => {
    render(
      <Conflict desk={{ ...desk, saving: { kind: "saved" } }} onMine={() => undefined} onTheirs={() => undefined} />,
    );
    expect(screen.queryByRole("dialog")).toBeNull();
  });
});
