// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Swap } from "../../api";
import { leek } from "../../testing/leek";
import { SwapCard } from "./SwapCard";

const butter = () => leek().swaps[0];
const onChoose = vi.fn();

function show(swap: Swap) {
  render(
    <ul>
      <SwapCard swap={swap} onChoose={onChoose} />
    </ul>,
  );
}

describe("one thing replaced", () => {
  beforeEach(() => onChoose.mockReset());

  it("says what it was, what it did there, what it holds, and how near the answer stays", () => {
    show(butter());
    expect(screen.getByText("40 g butter")).toBeTruthy();
    expect(screen.getByText("softens and fries; holds milk")).toBeTruthy();
    const taken = screen.getByRole("radio", { checked: true });
    expect(taken.textContent).toContain("olive oil");
    expect(taken.textContent).toContain("79 %");
  });

  it("takes another answer at one touch", async () => {
    const swap = butter();
    show(swap);
    const other = swap.alternatives[0];
    await userEvent.click(screen.getByRole("radio", { name: new RegExp(other.becomes[0].item) }));
    expect(onChoose).toHaveBeenCalledWith(other.rule);
  });

  it("is left out, and put back, by the cook's hand only", async () => {
    show(butter());
    await userEvent.click(screen.getByRole("button", { name: "Leave out 40 g butter" }));
    expect(onChoose).toHaveBeenLastCalledWith("leave-out");
  });

  it("shows what was left out as left out, with the way back", async () => {
    show({ ...butter(), rule: "leave-out", becomes: [] });
    expect(screen.getByText("left out")).toBeTruthy();
    expect(screen.queryByRole("radio", { checked: true })).toBeNull();
    await userEvent.click(screen.getByRole("button", { name: "Put it back" }));
    expect(onChoose).toHaveBeenLastCalledWith(null);
  });

  it("chooses nothing where nothing stays near: that is the cook's", () => {
    show({ ...butter(), rule: "open", becomes: [], notice: "The lift of the batter would be lost." });
    expect(screen.getByText("Yours to choose.")).toBeTruthy();
    expect(screen.getByText(/The lift of the batter/)).toBeTruthy();
    expect(screen.queryByRole("radio", { checked: true })).toBeNull();
  });

  it("folds long lists, and nothing of them is lost", async () => {
    const swap = butter();
    const more = Array.from({ length: 5 }, (_, i) => ({ ...swap.alternatives[0], rule: `rule-${i}` }));
    show({ ...swap, alternatives: more });
    expect(screen.getAllByRole("radio")).toHaveLength(3);
    await userEvent.click(screen.getByRole("button", { name: "3 more" }));
    expect(screen.getAllByRole("radio")).toHaveLength(6);
  });

  it("says what was nearer and is shut out, and by what", async () => {
    show({ ...butter(), passedOver: [{ item: "ghee", because: "holds milk" }] as never });
    await userEvent.click(screen.getByRole("button", { name: /Why, and what each costs/ }));
    expect(screen.getByText(/Nearer still, but shut out: ghee \(holds milk\)/)).toBeTruthy();
  });

  it("offers no choice for what goes with something else", () => {
    show({ ...butter(), rule: "goes-with", becomes: [], reason: "The crêpes stand for the whole batter." });
    expect(screen.getByText(/not needed\. The crêpes stand for the whole batter/)).toBeTruthy();
    expect(screen.queryByRole("radio")).toBeNull();
  });
});
