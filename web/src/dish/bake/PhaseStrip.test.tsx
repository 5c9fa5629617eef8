// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Phase } from "../../api";
import { lasts, PhaseStrip } from "./PhaseStrip";

const phase = (change: Partial<Phase>): Phase => ({
  kind: "bake",
  covered: false,
  celsius: 180,
  minutes: 20,
  reason: "As your recipe says.",
  said: null as never,
  asSaid: false,
  adds: [],
  stir: false,
  ...change,
});

describe("the bake, one phase after another", () => {
  it("begins each phase when the one before ends", () => {
    render(
      <PhaseStrip
        phases={[phase({ covered: true, minutes: 25 }), phase({ minutes: 15 }), phase({ kind: "rest", minutes: 10 })]}
      />,
    );
    const [covered, open, rest] = screen.getAllByRole("listitem").map((li) => li.textContent ?? "");
    expect(covered).toMatch(/Covered 25 min.*from 0 min/);
    expect(open).toMatch(/Open 15 min.*from 25 min/);
    expect(rest).toMatch(/Rest 10 min.*from 40 min/);
  });

  it("keeps the recipe's own words only where it lasts just that", () => {
    expect(lasts(phase({ said: "45–50 min", asSaid: true, minutes: 48 }))).toBe("45–50 min");
    expect(lasts(phase({ said: "45–50 min", asSaid: false, minutes: 58 }))).toBe("58 min");
  });

  it("says at the phase what goes on and when to stir, and gives no heat to a rest", () => {
    render(
      <PhaseStrip
        phases={[
          phase({ adds: ["Breadcrumbs", "Cheddar"], stir: true }),
          phase({ kind: "rest", celsius: null as never }),
        ]}
      />,
    );
    const [bake, rest] = screen.getAllByRole("listitem").map((li) => li.textContent ?? "");
    expect(bake).toContain("Now on: breadcrumbs, cheddar.");
    expect(bake).toContain("Stir once within it.");
    expect(rest).not.toContain("°C");
  });
});
