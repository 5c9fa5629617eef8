// @vitest-environment jsdom
import { fireEvent, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useLocation } from "react-router";
import { describe, expect, it } from "vitest";
import { show } from "../testing/show";
import { Shortcuts } from "./Shortcuts";

function Where() {
  return <output>{useLocation().pathname}</output>;
}

function at(path: string) {
  show(
    <>
      <Shortcuts />
      <search>
        <input aria-label="Find" />
      </search>
      <Where />
    </>,
    path,
  );
}

const here = () => screen.getByRole("status").textContent;

describe("keys for hands that know their way", () => {
  it.each([
    ["s", "/"],
    ["t", "/table"],
    ["l", "/larder"],
    ["h", "/house"],
    ["n", "/read"],
  ])("%s goes to %s", async (key, room) => {
    at("/somewhere");
    await userEvent.keyboard(key);
    expect(here()).toBe(room);
  });

  it("walk along the stops of a dish, and nowhere else", async () => {
    at("/dishes/d1/swap");
    await userEvent.keyboard("5");
    expect(here()).toBe("/dishes/d1/bake");
    await userEvent.keyboard("1");
    expect(here()).toBe("/dishes/d1/read");
    await userEvent.keyboard("t3");
    expect(here()).toBe("/table");
  });

  it("rest while one types", async () => {
    at("/somewhere");
    await userEvent.type(screen.getByRole("textbox"), "this lot 3");
    expect(here()).toBe("/somewhere");
  });

  it("are told by a sheet that closes again", async () => {
    at("/");
    fireEvent.keyDown(document, { key: "?", code: "Slash", shiftKey: true });
    const sheet = await screen.findByRole("dialog", { name: "Keys" });
    for (const key of ["s", "t", "l", "h", "n", "1 – 6", "/", "?"]) expect(sheet.textContent).toContain(key);
    await userEvent.click(screen.getByRole("button", { name: "Close" }));
    expect(screen.queryByRole("dialog")).toBeNull();
  });
});
