// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { PickAny, PickOne } from "./Choice";
import { type Said, Toasts, useToast } from "./Toasts";

function Bell({ says }: { says: readonly Said[] }) {
  const say = useToast();
  return says.map((s) => (
    <button key={s.words} type="button" onClick={() => say(s)}>
      say {s.words}
    </button>
  ));
}

const bells = (...says: Said[]) =>
  render(
    <Toasts>
      <Bell says={says} />
    </Toasts>,
  );

describe("what was just done", () => {
  it("is said with its way back, and gone once that was taken", async () => {
    const act = vi.fn();
    bells({ words: "Leek bake is put away.", undo: { label: "Put it back", says: "Put the dish back", act } });
    await userEvent.click(screen.getByRole("button", { name: /^say/ }));
    await userEvent.click(await screen.findByRole("button", { name: "Put it back" }));
    expect(act).toHaveBeenCalledTimes(1);
    expect(screen.queryByText("Leek bake is put away.")).toBeNull();
  });

  it("is the last thing only", async () => {
    bells({ words: "First." }, { words: "Second." });
    for (const bell of screen.getAllByRole("button")) await userEvent.click(bell);
    expect((await screen.findAllByText("Second.")).length).toBeGreaterThan(0);
    expect(screen.queryByText("First.")).toBeNull();
  });
});

describe("a choice", () => {
  const options = ["a", "b", "c"].map((value) => ({ value, label: value.toUpperCase() }));

  it("of one is never none: touching the chosen one again changes nothing", async () => {
    const onPick = vi.fn();
    render(<PickOne label="Which" value="a" options={options} onPick={onPick} />);
    await userEvent.click(screen.getByRole("radio", { name: "A" }));
    expect(onPick).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole("radio", { name: "C" }));
    expect(onPick).toHaveBeenCalledWith("c");
  });

  it("of any may be none", async () => {
    const onPick = vi.fn();
    render(<PickAny label="Which" value={["b"]} options={options} onPick={onPick} />);
    await userEvent.click(screen.getByRole("button", { name: "B" }));
    expect(onPick).toHaveBeenLastCalledWith([]);
    await userEvent.click(screen.getByRole("button", { name: "A" }));
    expect(onPick).toHaveBeenLastCalledWith(["b", "a"]);
  });
});
