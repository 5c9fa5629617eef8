// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type Brief, type Plan } from "../../api";
import { leek } from "../../testing/leek";
import { atStop, show } from "../../testing/show";
import { SwapStop } from "./SwapStop";

const frumble = {
  source: 1,
  text: "2 cups frumble",
  why: "Nabe does not know this.",
  nearest: [{ id: "fennel", name: "fennel" }],
};

function swaps(change: (plan: Plan) => void = () => undefined, brief: Brief = {}) {
  const plan = leek();
  change(plan);
  const { props, edit } = atStop(plan, brief);
  show(<SwapStop {...props} />);
  return { plan, edit };
}

describe("the swaps", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "house").mockResolvedValue({ version: 1, house: {} } as never);
    vi.spyOn(api, "houseChoices").mockResolvedValue({ schools: [] } as never);
  });

  it("shows each line that changes with what it becomes", () => {
    const { plan } = swaps();
    const text = document.body.textContent ?? "";
    for (const s of plan.swaps) {
      expect(text).toContain(s.was);
      for (const b of s.becomes) expect(text).toContain(b.item);
    }
  });

  it("says that everything fits where needs were asked, and asks for them where none were", () => {
    swaps((p) => {
      p.swaps = [];
    });
    expect(screen.getByText(/Everything in this recipe fits/)).toBeTruthy();
    document.body.replaceChildren();
    swaps((p) => {
      p.swaps = [];
      p.needs.needs = [];
    });
    expect(screen.getByText(/Say above who it must be/)).toBeTruthy();
  });

  it("holds up what is left out, and leaves it out for good on one touch", async () => {
    const { edit } = swaps(
      (p) => {
        p.unresolved = [frumble];
      },
      { choices: { 2: "butter-plant-block" } },
    );
    expect(screen.getByText("2 cups frumble")).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: /leave out.*frumble|frumble.*leave out/i }));
    expect(edit).toHaveBeenCalledWith({ choices: { 1: "leave-out", 2: "butter-plant-block" } });
  });

  it("asks only for what was chosen before, in its place", async () => {
    const { plan, edit } = swaps(undefined, { choices: { 4: "other" } });
    const first = plan.swaps[0];
    const card = screen.getByText(first.was, { exact: false }).closest("li") as HTMLElement;
    const other = first.alternatives[0];
    const more = within(card).queryByText(/what else would do|others? would do|instead/i);
    if (more) await userEvent.click(more);
    await userEvent.click(within(card).getAllByRole("radio", { name: new RegExp(other.becomes[0].item) })[0]);
    expect(edit).toHaveBeenCalledWith({ choices: { 4: "other", [first.source]: other.rule } });
  });

  it("what is bought ready can be made at home again", async () => {
    const { edit } = swaps(undefined, { made: { "oat-cream": "bought" } });
    expect(screen.getByText(/oat cream/)).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: "Make it at home" }));
    expect(edit).toHaveBeenCalledWith({ made: { "oat-cream": "home" } });
  });

  it("counts what is still for the cook to choose", () => {
    const { plan } = swaps((p) => {
      p.swaps[0].rule = "open";
    });
    expect(screen.getByText(new RegExp(`1 for you to choose.*${plan.swaps.length} swaps`))).toBeTruthy();
  });
});
