// @vitest-environment jsdom
import { render, screen, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { LabelReading } from "../api";
import { Verdicts } from "./Verdicts";

const reading = (more: Partial<LabelReading>) =>
  ({ because: [], contains: [], mayContain: [], claims: [], unclear: [], ...more }) as unknown as LabelReading;
const row = (name: string) => within(screen.getByText(name).nextElementSibling as HTMLElement);

describe("what a label means", () => {
  it("says each verdict in words beside its sign, with the words that decided", () => {
    render(
      <Verdicts
        reading={reading({
          because: [
            { need: "gluten-free", verdict: "yes", words: "nothing on the label stands against it" },
            { need: "dairy-free", verdict: "no", words: "whey powder" },
            { need: "vegan", verdict: "check", words: "flavouring" },
          ],
        })}
      />,
    );
    const lines = screen.getAllByRole("listitem").map((l) => l.textContent);
    expect(lines[0]).toContain("Gluten-freeFits, as far as the label tells");
    expect(lines[1]).toContain("Dairy-freeDoes not fitwhey powder");
    expect(lines[2]).toContain("VeganCheck: ask the maker");
  });

  it("never takes silence for safety", () => {
    render(<Verdicts reading={reading({})} />);
    expect(row("May contain").getByText(/absence proves nothing/)).toBeTruthy();
    expect(screen.getByText(/cannot promise that a product is safe/)).toBeTruthy();
  });

  it("says many tree nuts as one word", () => {
    const nuts = ["almond", "cashew", "hazelnut", "walnut", "pecan", "brazil"].map((n) => `tree-nut:${n}`);
    render(<Verdicts reading={reading({ contains: ["milk"], mayContain: nuts } as never)} />);
    expect(row("Contains").getByText("milk")).toBeTruthy();
    expect(row("May contain").getByText("tree nuts")).toBeTruthy();
  });

  it("asks one question once, of all the words that raise it", () => {
    render(
      <Verdicts
        reading={reading({
          unclear: [
            { words: "flavouring", why: "What is it made of?" },
            { words: "spice extract", why: "What is it made of?" },
            { words: "starch", why: "From which plant?" },
          ],
        })}
      />,
    );
    const asked = screen.getAllByRole("listitem").map((l) => l.textContent);
    expect(asked).toEqual(["flavouring, spice extract: What is it made of?", "starch: From which plant?"]);
  });
});
