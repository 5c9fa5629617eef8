// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { Title } from "./Title";

async function renaming(typed: string): Promise<string[]> {
  const names: string[] = [];
  render(<Title title="Gratin" onRename={(name) => names.push(name)} />);
  await userEvent.click(screen.getByRole("button", { name: "Rename" }));
  await userEvent.clear(screen.getByRole("textbox", { name: "Name of the dish" }));
  await userEvent.keyboard(typed);
  return names;
}

describe("a dish's name", () => {
  it("is written anew with Enter", async () => {
    expect(await renaming(" Sunday gratin {Enter}")).toEqual(["Sunday gratin"]);
    expect(screen.queryByRole("textbox")).toBeNull();
  });

  it("stays as it was when nothing is left of it, or on Escape", async () => {
    expect(await renaming("{Enter}")).toEqual([]);
    expect(screen.getByRole("heading").textContent).toBe("Gratin");
  });

  it("stays on Escape, whatever was typed", async () => {
    expect(await renaming("Other{Escape}")).toEqual([]);
  });
});
