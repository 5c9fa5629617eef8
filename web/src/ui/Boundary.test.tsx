// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { Boundary } from "./Boundary";

function Screen({ breaks }: { breaks: () => boolean }) {
  if (breaks()) throw new Error("inner words");
  return <p>Layers</p>;
}

describe("a screen that breaks", () => {
  it("says so in its place, without inner words, and comes back", async () => {
    vi.spyOn(console, "error").mockImplementation(() => undefined);
    let broken = true;
    render(
      <Boundary what="Build" at="build">
        <Screen breaks={() => broken} />
      </Boundary>,
    );
    expect(screen.getByRole("alert").textContent).toContain("Build cannot be shown");
    expect(screen.queryByText(/inner words/)).toBeNull();
    broken = false;
    await userEvent.click(screen.getByRole("button", { name: "Show it again" }));
    expect(screen.getByText("Layers")).toBeTruthy();
  });

  it("does not stand in the way of another page", () => {
    vi.spyOn(console, "error").mockImplementation(() => undefined);
    const at = (stop: string, broken: boolean) => (
      <Boundary what="This page" at={stop}>
        <Screen breaks={() => broken} />
      </Boundary>
    );
    const { rerender } = render(at("build", true));
    rerender(at("bake", false));
    expect(screen.getByText("Layers")).toBeTruthy();
  });
});
