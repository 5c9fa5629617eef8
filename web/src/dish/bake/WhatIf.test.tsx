// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import { type WhatIf as Answer, api, type Brief, type Plan } from "../../api";
import { leek } from "../../testing/leek";
import { WhatIf } from "./WhatIf";

const answer = (ovenMinutes: number, overflow = false): Answer => ({ ovenMinutes, coreMinutes: ovenMinutes, overflow });

function asked(plan: Plan, answers: (briefs: readonly Brief[]) => Answer[]) {
  vi.spyOn(api, "whatIf").mockImplementation((briefs) => Promise.resolve(answers(briefs)));
  const edits: Partial<Brief>[] = [];
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  render(
    <QueryClientProvider client={client}>
      <WhatIf plan={plan} brief={{ recipe: { text: "" } } as Brief} edit={(e) => edits.push(e as Partial<Brief>)} />
    </QueryClientProvider>,
  );
  return edits;
}

/** The dish as it is lasts 40 min; from the fridge 55; narrower it does not fit. */
function usual(briefs: readonly Brief[]): Answer[] {
  return briefs.map((b, i) =>
    i === 0
      ? answer(40)
      : b.oven?.start === "fridge"
        ? answer(55)
        : answer(40, b.pan?.lengthMm !== undefined && b.pan.lengthMm < leek().build.pan.lengthMm),
  );
}

describe("what if", () => {
  afterEach(() => vi.restoreAllMocks());

  it("tells minutes more, and makes it so at one touch", async () => {
    const edits = asked(leek(), usual);
    expect(await screen.findByText("+15 min")).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: "Make it so: From the fridge" }));
    expect(edits).toEqual([{ oven: { start: "fridge" } }]);
  });

  it("does not offer a pan in which not all goes in", async () => {
    asked(leek(), usual);
    expect(await screen.findByText("it would not all go in")).toBeTruthy();
    expect(screen.queryByRole("button", { name: /narrower/ })).toBeNull();
  });

  it("asks nothing of a smaller pan where the dish is too full already", () => {
    const plan = leek();
    const overflow = { grams: 300 } as unknown as Plan["build"]["overflow"];
    asked({ ...plan, build: { ...plan.build, overflow } }, usual);
    expect(screen.queryByText(/narrower/)).toBeNull();
  });
});
