import { describe, expect, it } from "vitest";
import { leek } from "../../testing/leek";
import { type Answer, answersOf, asks, named } from "./answers";

const [swap] = leek().swaps;

function answer(change: Partial<Answer["cost"]>, more: Partial<Answer> = {}): Answer {
  const [first] = answersOf(swap);
  return { ...first, check: null, ...more, cost: { ...first.cost, ...change } } as Answer;
}

describe("the answers to a swap", () => {
  it("have the taken one first and what only some may eat last, none twice", () => {
    const rules = answersOf(swap).map((a) => a.rule);
    expect(rules[0]).toBe(swap.rule);
    expect(rules).toEqual([...new Set(rules)]);
    expect(rules).toHaveLength(1 + swap.alternatives.length + swap.conditional.length);
  });

  it("are only the others where nothing is taken yet", () => {
    expect(answersOf({ ...swap, becomes: [] }).map((a) => a.rule)).toEqual(
      [...swap.alternatives, ...swap.conditional].map((a) => a.rule),
    );
  });

  it("ask nothing that costs nothing", () =>
    expect(asks(answer({ activeMinutes: 0, passiveMinutes: 0, missing: [] }))).toEqual([]));

  it("ask for work, for time, for tools that are not there and for a look at the label", () => {
    const all = asks(
      answer({ activeMinutes: 15, passiveMinutes: 90, missing: ["fine-sieve"] }, { check: "Read it." } as never),
    );
    expect(all).toHaveLength(4);
    expect(all[0]).toContain("15 min");
    expect(all[1]).toContain("1 h 30 min");
    expect(all[2]).toContain("fine sieve");
  });

  it("are called by the main thing, with what goes along", () => {
    const of = (...items: string[]) => named({ becomes: items.map((item) => ({ item })) as never });
    expect(of("oat drink")).toBe("oat drink");
    expect(of("oat drink", "sunflower oil")).toBe("oat drink with sunflower oil");
    expect(of()).toBe("");
  });
});
