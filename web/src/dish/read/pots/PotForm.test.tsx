// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import type { Procedure } from "../../../api";
import { leekAsRead } from "../../../testing/leek";
import { show } from "../../../testing/show";
import { litByPot, NOTHING_LIT } from "./flow";
import { LayerList } from "./LayerList";
import { MethodText } from "./MethodText";
import { PotForm } from "./PotForm";
import { Unsure } from "./Unsure";

const { recipe, procedure } = leekAsRead();
const sauce = procedure.components.find((c) => c.kind === "white-sauce") as Procedure["components"][number];

function form(pot = sauce) {
  const onCorrect = vi.fn();
  show(<PotForm pot={pot} procedure={procedure} recipe={recipe} onCorrect={onCorrect} />);
  return onCorrect;
}

describe("putting a pot right", () => {
  it("gives it another name, no longer than a name, and never an empty one", async () => {
    const onCorrect = form();
    const name = screen.getByRole("textbox", { name: "Name of this pot" });
    await userEvent.clear(name);
    await userEvent.type(name, "  {Enter}");
    expect(onCorrect).not.toHaveBeenCalled();
    await userEvent.type(name, `Milk and leeks ${"x".repeat(80)}{Enter}`);
    const [correction] = onCorrect.mock.calls[0];
    expect(correction).toMatchObject({ kind: "rename", component: sauce.key });
    expect(correction.name).toHaveLength(60);
  });

  it("lays it in as many layers as the cook says", async () => {
    const onCorrect = form();
    const layers = screen.getByLabelText(/In how many layers/);
    await userEvent.clear(layers);
    await userEvent.type(layers, "3");
    await userEvent.tab();
    expect(onCorrect).toHaveBeenLastCalledWith({ kind: "count", component: sauce.key, layers: 3 });
  });

  it("moves a line to another pot, by the line's own words", async () => {
    const onCorrect = form();
    const line = recipe.lines[sauce.of[0].line as number].text;
    const other = procedure.components.find((c) => c.id !== sauce.id);
    await userEvent.selectOptions(screen.getByRole("combobox", { name: line }), other?.key as string);
    expect(onCorrect).toHaveBeenCalledWith({ kind: "move", line, component: other?.key });
  });
});

describe("the layers as read", () => {
  function layers() {
    const onCorrect = vi.fn();
    const onPot = vi.fn();
    show(<LayerList procedure={procedure} lit={NOTHING_LIT} onPot={onPot} onCorrect={onCorrect} />);
    return { onCorrect, onPot };
  }

  it("stand as they lie, the top one first", () => {
    layers();
    const names = screen.getAllByRole("listitem").map((l) => l.textContent ?? "");
    const top = procedure.layers.at(-1)?.of;
    expect(names).toHaveLength(procedure.layers.length);
    expect(names[0]).toContain(procedure.components.find((c) => c.id === top)?.name);
  });

  it("are lifted and lowered, but not out of the dish", async () => {
    const { onCorrect } = layers();
    await userEvent.click(screen.getByRole("button", { name: "Correct the layers" }));
    const [top] = screen.getAllByRole("listitem");
    const [higher, lower] = within(top).getAllByRole("button").slice(-2);
    expect(higher).toHaveProperty("disabled", true);
    await userEvent.click(lower);
    expect(onCorrect).toHaveBeenCalledWith(expect.objectContaining({ kind: "lift", by: -1 }));
  });

  it("light the pot they come from", async () => {
    const { onPot } = layers();
    await userEvent.click(screen.getAllByRole("button", { pressed: false })[0]);
    expect(onPot).toHaveBeenCalledWith(procedure.layers.at(-1)?.of);
  });
});

describe("the method", () => {
  it("is the cook's own words, none lost", () => {
    show(<MethodText steps={recipe.steps} procedure={procedure} lit={NOTHING_LIT} onPot={vi.fn()} />);
    expect(screen.getAllByRole("listitem").map((l) => l.textContent)).toEqual(recipe.steps);
  });

  it("lights the words of a pot, and takes a touch or a key", async () => {
    const onPot = vi.fn();
    show(<MethodText steps={recipe.steps} procedure={procedure} lit={litByPot(procedure, sauce.id)} onPot={onPot} />);
    const [lit] = screen.getAllByRole("button", { pressed: true });
    await userEvent.click(lit);
    lit.focus();
    await userEvent.keyboard("{Enter} ");
    expect(onPot.mock.calls).toEqual([[sauce.id], [sauce.id], [sauce.id]]);
  });

  it("that is not there is said to be missing", () => {
    show(<MethodText steps={[]} procedure={procedure} lit={NOTHING_LIT} onPot={vi.fn()} />);
    expect(screen.getByText(/No method was found/)).toBeTruthy();
  });
});

describe("what is not certain", () => {
  it("is said with the words it is about, and what holds only in a case apart from it", () => {
    const doubts = [
      { sentence: 2, words: "some of it", code: "X", why: "How much is not said." },
      { sentence: -1, words: "whole line", code: "Y", why: "The method never names salt." },
    ];
    const onlyIf = [{ sentence: 3, words: "if you like it hot, add chilli" }];
    show(<Unsure procedure={{ ...procedure, doubts, onlyIf } as never} />);
    const [open, cases] = screen.getAllByRole("region").map((r) => r.textContent ?? "");
    expect(open).toContain("How much is not said. “some of it”");
    expect(open).not.toContain("whole line");
    expect(cases).toContain("if you like it hot, add chilli");
  });

  it("is nothing where nothing is", () => {
    show(<Unsure procedure={{ ...procedure, doubts: [], onlyIf: [] }} />);
    expect(screen.queryAllByRole("region")).toEqual([]);
  });
});
