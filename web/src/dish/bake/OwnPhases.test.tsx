// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { Bake, Phase } from "../../api";
import { leek } from "../../testing/leek";
import { OwnPhases } from "./OwnPhases";

const phase = (minutes: number, covered: boolean): Phase => ({
  ...leek().bake.phases[0],
  kind: "bake",
  minutes,
  covered,
});

function shown(phases: Phase[]) {
  const asked: unknown[] = [];
  const bake: Bake = { ...leek().bake, phases, ovenMinutes: phases.reduce((sum, p) => sum + p.minutes, 0) };
  render(<OwnPhases bake={bake} own={null} onOwn={(own) => asked.push(own)} />);
  return asked;
}

describe("the cook's own phases", () => {
  it("say where foil comes off", () => {
    shown([phase(30, true), phase(15, false)]);
    expect(document.body.textContent).toContain("Foil off after 30 min, out after 45 min");
  });

  it("say that the end goes under foil where it does", () => {
    shown([phase(30, false), phase(5, true)]);
    expect(document.body.textContent).toContain("Open, the last 5 min under foil, out after 35 min");
  });

  it("move with the arrow keys, in fives", async () => {
    const asked = shown([phase(30, true), phase(15, false)]);
    screen.getByRole("slider", { name: /Foil off/ }).focus();
    await userEvent.keyboard("{ArrowLeft}");
    expect(asked).toEqual([{ covered: 25, open: 20 }]);
  });
});
