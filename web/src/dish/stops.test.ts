import { describe, expect, it } from "vitest";
import type { Plan } from "../api";
import { attention, isStop, STOP_WORDS, STOPS } from "./stops";

function plan(more: {
  doubts?: number;
  unresolved?: number;
  water?: string;
  overflow?: boolean;
  cold?: boolean;
}): Plan {
  return {
    recipe: { lines: Array.from({ length: 3 }, (_, i) => ({ doubt: i < (more.doubts ?? 0) ? "?" : null })) },
    unresolved: Array.from({ length: more.unresolved ?? 0 }),
    prep: { water: { state: more.water ?? "good" } },
    build: { overflow: more.overflow ? {} : null },
    bake: { coreCelsius: 74, coreReached: !more.cold },
  } as unknown as Plan;
}

describe("the stops of a dish", () => {
  it("are six, each with its word", () => {
    expect(STOPS.map((s) => STOP_WORDS[s])).toEqual(["Read", "Swap", "Prep", "Build", "Bake", "Notes"]);
    expect([isStop("bake"), isStop("freeze"), isStop(undefined)]).toEqual([true, false, false]);
  });

  it("call for the cook's eye only where something is wrong", () => {
    for (const stop of STOPS) {
      expect(attention(stop, plan({}))).toBeNull();
      expect(attention(stop, undefined)).toBeNull();
    }
    expect(attention("read", plan({ doubts: 2 }))).toBe("2 to look at");
    expect(attention("swap", plan({ unresolved: 1 }))).toBe("1 left out");
    expect(attention("prep", plan({ water: "short" }))).toBe("too dry");
    expect(attention("prep", plan({ water: "long" }))).toBe("too wet");
    expect(attention("build", plan({ overflow: true }))).toBe("too full");
    expect(attention("bake", plan({ cold: true }))).toBe("not hot through");
  });
});
