// @vitest-environment jsdom
import { render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { Correction } from "../../../api";
import { leekAsRead } from "../../../testing/leek";
import { NOTHING_LIT } from "./flow";
import { PotList } from "./PotList";

function shown() {
  const { recipe, procedure } = leekAsRead();
  const corrected: Correction[] = [];
  render(
    <PotList
      recipe={recipe}
      procedure={procedure}
      lit={NOTHING_LIT}
      onPot={() => undefined}
      onCorrect={(c) => corrected.push(c)}
    />,
  );
  const pot = (word: string) => {
    const found = procedure.components.find((c) => c.name.includes(word));
    if (!found) throw new Error(`no pot ${word} in ${procedure.components.map((c) => c.name)}`);
    return found;
  };
  return { corrected, procedure, pot, recipe };
}

describe("the pots a method was read into", () => {
  it("say what is in each and where it goes", () => {
    const { pot } = shown();
    const pots = screen.getByRole("region", { name: "What is in each pot" });
    const leeks = within(pots).getByText(pot("leek").name).closest("li") as HTMLElement;
    expect(leeks.textContent).toMatch(/butter.*leeks.*flour.*milk/);
    expect(leeks.textContent).toContain("all of it into the dish");
  });

  it("take another name", async () => {
    const { corrected, pot } = shown();
    await userEvent.click(screen.getByRole("button", { name: `Correct ${pot("leek").name}` }));
    const name = screen.getByRole("textbox", { name: "Name of this pot" });
    await userEvent.clear(name);
    await userEvent.type(name, "leek cream{Enter}");
    expect(corrected).toEqual([{ kind: "rename", component: pot("leek").key, name: "leek cream" }]);
  });

  it("give a line to another pot", async () => {
    const { corrected, pot, recipe } = shown();
    await userEvent.click(screen.getByRole("button", { name: `Correct ${pot("leek").name}` }));
    const flour = recipe.lines.find((l) => l.text.includes("flour"))?.text ?? "";
    await userEvent.selectOptions(screen.getByRole("combobox", { name: flour }), pot("potato").key);
    expect(corrected).toEqual([{ kind: "move", line: flour, component: pot("potato").key }]);
  });

  it("are laid higher, in other shares, and no higher than the top", async () => {
    const { corrected, procedure, pot } = shown();
    await userEvent.click(screen.getByRole("button", { name: "Correct the layers" }));
    const layers = within(screen.getByRole("region", { name: "Layers, from the top down" }));
    const cheese = procedure.components.find((c) => c.id === procedure.layers.at(-1)?.of);
    expect(layers.getByRole("button", { name: `Lay ${cheese?.name} one higher` })).toHaveProperty("disabled", true);
    await userEvent.click(layers.getAllByRole("button", { name: `Lay ${pot("potato").name} one higher` })[0]);
    expect(corrected.at(-1)).toMatchObject({ kind: "lift", component: pot("potato").key, by: 1 });
  });

  it("are baked under cover where the text was read wrong", async () => {
    const { corrected } = shown();
    await userEvent.click(screen.getByRole("checkbox", { name: "covered" }));
    expect(corrected).toEqual([{ kind: "cover", index: 0, covered: true }]);
  });
});
