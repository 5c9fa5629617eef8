// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import type { Swap } from "../../api";
import { leek } from "../../testing/leek";
import { show } from "../../testing/show";
import { answersOf, named } from "./answers";
import { Compare } from "./Compare";

function compared(change: (swap: Swap) => void = () => undefined) {
  const [swap] = leek().swaps;
  change(swap);
  const onChoose = vi.fn();
  show(<Compare swap={swap} onChoose={onChoose} />);
  return { swap, onChoose };
}

const row = (name: string) =>
  within(screen.getByRole("rowheader", { name }).closest("tr") as HTMLElement)
    .getAllByRole("cell")
    .map((c) => c.textContent);

describe("answers side by side", () => {
  it("have a column each, the taken one first and not to be taken again", () => {
    const { swap } = compared();
    const heads = screen
      .getAllByRole("columnheader")
      .slice(1)
      .map((h) => h.textContent);
    expect(heads).toEqual(answersOf(swap).map(named));
    expect(screen.getAllByText("In the dish now")).toHaveLength(1);
    expect(screen.getAllByRole("button")).toHaveLength(heads.length - 1);
  });

  it("are each judged by every term, in percent", () => {
    const { swap } = compared();
    const all = answersOf(swap);
    expect(row("Like the original")).toEqual(all.map((a) => `${Math.round(100 * a.fidelity)} %`));
    for (const name of ["Taste", "Texture", "Richness", "Moisture"])
      for (const cell of row(name)) expect(cell).toMatch(/^\d+ %$/);
  });

  it("say what each costs in water, salt and fat, with its sign", () => {
    compared((s) => {
      s.cost = { ...s.cost, waterGrams: 120, saltGrams: -0.4, fatGrams: 0.2 };
    });
    expect(row("Water")[0]).toBe("+120 g");
    expect(row("Salt")[0]).toBe("−0.4 g");
    expect(row("Fat")[0]).toBe("same");
  });

  it("name the tool that is not there", () => {
    compared((s) => {
      s.cost = { ...s.cost, tools: ["fine-sieve", "blender"], missing: ["blender"] };
    });
    expect(row("Tools")[0]).toMatch(/^fine sieve, blender.*none/);
  });

  it("are taken on one touch", async () => {
    const { swap, onChoose } = compared();
    const [other] = swap.alternatives;
    await userEvent.click(screen.getByRole("button", { name: `Use ${named(other)} instead` }));
    expect(onChoose).toHaveBeenCalledWith(other.rule);
  });

  it("leave all to choose where nothing is taken", () => {
    const { swap } = compared((s) => {
      s.becomes = [];
      s.rule = "open";
    });
    expect(screen.getAllByRole("button")).toHaveLength(swap.alternatives.length + swap.conditional.length);
    expect(screen.queryByText("In the dish now")).toBeNull();
  });
});
