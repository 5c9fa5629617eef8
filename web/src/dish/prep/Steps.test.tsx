// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { PrepStep } from "../../api";
import { leek } from "../../testing/leek";
import { Steps, used } from "./Steps";

const steps = leek().prep.steps;
const built: PrepStep = { ...steps[0], id: "night", item: "The dish", text: "Refrigerate overnight.", when: "built" };

describe("what hands do before the oven", () => {
  it("stands in the order given, each with what goes in and when to start", () => {
    render(<Steps steps={steps} />);
    const items = screen.getAllByRole("listitem");
    expect(items).toHaveLength(steps.length);
    steps.forEach((s, i) => {
      expect(items[i].textContent).toContain(s.text);
    });
    expect(items[0].textContent).toContain("before building");
  });

  it("tells the built dish's night apart, with no minutes before building", () => {
    render(<Steps steps={[...steps, built]} />);
    const night = screen.getByText("Refrigerate overnight.").closest("li");
    expect(night?.closest("section")?.textContent).toContain("Once the dish is built");
    expect(night?.textContent).not.toContain("before building");
  });

  it("marks work that is Nabe's own, with its reason", () => {
    render(<Steps steps={[{ ...steps[0], own: true, why: "Made at home in place of what does not fit." }]} />);
    expect(screen.getByText("Nabe's own")).toBeTruthy();
    expect(screen.getByText(/Made at home/)).toBeTruthy();
  });

  it("says so where nothing is cooked first", () => {
    render(<Steps steps={[]} />);
    expect(screen.getByText("Nothing needs cooking first.")).toBeTruthy();
  });
});

describe("what a step uses", () => {
  it("is weighed where scales can, and only named where they cannot", () => {
    expect(used({ item: "leeks", grams: 480 })).toBe("480 g leeks");
    expect(used({ item: "bay leaf", grams: 0.2 })).toBe("bay leaf");
    expect(used({ item: "salt" })).toBe("salt");
  });

  it("is a share where it comes from another pot", () => {
    expect(used({ item: "Leek sauce", component: "c2", share: 1 })).toBe("all the leek sauce");
    expect(used({ item: "Leek sauce", component: "c2", share: 0.5 })).toBe("50 % of the leek sauce");
  });
});
