// @vitest-environment jsdom
import { render } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { rich, told } from ".";

describe("a sentence", () => {
  it("counts, chooses and leaves out what is not said", () => {
    expect(told("web.dish.things-and-work", 1, "5 min")).toBe("one thing, 5 min of work");
    expect(told("web.dish.things-and-work", 3, "1 h")).toBe("3 things, 1 h of work");
    expect(told("web.dish.how-strict", true)).toBe("strict");
    expect(told("web.dish.how-strict", false)).toBe("by ingredient");
    expect(told("web.dish.may-be-done", false)).toBe("May be done .");
  });

  it("writes a number as it is given", () => expect(told("web.ui.grams", 1250)).toBe("1250 g"));

  it("draws the words that it marks", () => {
    const bold = (words: React.ReactNode) => <strong>{words}</strong>;
    const { container } = render(
      <p>{rich("web.dish.foil-off-after-out-after", { a: bold, b: bold }, "30 min", "45 min")}</p>,
    );
    expect(container.textContent).toBe("Foil off after 30 min, out after 45 min");
    expect([...container.querySelectorAll("strong")].map((s) => s.textContent)).toEqual(["30 min", "45 min"]);
  });

  it("that nobody wrote is an error of the program", () => expect(() => told("web.dish.no-such")).toThrow("no-such"));
});
