// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { leek } from "../../testing/leek";
import { SaltCard } from "./SaltCard";

const salt = () => leek().prep.salt;
const needle = (container: HTMLElement) => container.querySelector("svg line");

describe("the salt so far", () => {
  it("tells in words what the picture shows, for those who hear the page", () => {
    render(<SaltCard salt={salt()} />);
    expect(screen.getByRole("img").getAttribute("aria-label")).toBe("0.20 % so far, 3.3 g; right is 0.8 to 1.1 %.");
  });

  it("names the saltiest things first, and six at most", () => {
    const many = Array.from({ length: 9 }, (_, i) => ({ item: `thing ${i}`, grams: 9 - i }));
    render(<SaltCard salt={{ ...salt(), sources: many }} />);
    const from = screen.getByText(/^From/).textContent ?? "";
    expect(from).toContain("thing 0 9.0 g");
    expect(from).toContain("thing 5");
    expect(from).not.toContain("thing 6");
  });

  it("warns by colour only above the band, and never leaves the picture", () => {
    const { container, rerender } = render(<SaltCard salt={salt()} />);
    expect(needle(container)?.getAttribute("class")).toContain("rim");
    const before = Number(needle(container)?.getAttribute("x1"));
    rerender(<SaltCard salt={{ ...salt(), percent: 7 }} />);
    expect(needle(container)?.getAttribute("class")).toContain("warm");
    const after = Number(needle(container)?.getAttribute("x1"));
    expect(after).toBeGreaterThan(before);
    expect(after).toBeLessThanOrEqual(460);
  });
});
