// @vitest-environment jsdom
import { fireEvent, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../../api";
import { leek } from "../../testing/leek";
import { atStop, show } from "../../testing/show";
import { NotesStop } from "./NotesStop";

function notes(text = "") {
  const { props, edit } = atStop(leek(), { notes: text });
  show(<NotesStop {...props} />);
  return edit;
}

describe("notes", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "revisions").mockResolvedValue([
      { number: 2, change: "Butter became oil.", madeAt: "2026-11-20T10:00:00Z" },
      { number: 1, change: "Read.", madeAt: "2026-11-19T10:00:00Z" },
    ] as never);
  });

  it("are kept when the cook goes on to something else, once", async () => {
    const edit = notes();
    await userEvent.type(screen.getByRole("textbox"), "Less salt.");
    fireEvent.blur(screen.getByRole("textbox"));
    expect(edit).toHaveBeenCalledWith({ notes: "Less salt." });
    expect(edit).toHaveBeenCalledTimes(1);
  });

  it("are kept after a pause, as they are then", async () => {
    const edit = notes("Good.");
    await userEvent.type(screen.getByRole("textbox"), " Again!");
    await vi.waitFor(() => expect(edit).toHaveBeenCalledWith({ notes: "Good. Again!" }), { timeout: 3_000 });
  });

  it("that nobody touched are not sent", () => {
    const edit = notes("Good.");
    fireEvent.blur(screen.getByRole("textbox"));
    expect(edit).not.toHaveBeenCalled();
  });

  it("stand with all that happened to the dish, the last first, and the recipe to take away", async () => {
    notes();
    const rows = (await screen.findAllByRole("listitem")).map((r) => r.textContent);
    expect(rows[0]).toContain("Butter became oil.");
    expect(rows[1]).toContain("Read.");
    const links = screen.getAllByRole("link").map((l) => l.getAttribute("href"));
    expect(links).toEqual(["/api/dishes/d1/recipe.md", "/api/dishes/d1/recipe.jsonld"]);
  });
});
