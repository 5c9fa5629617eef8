import { describe, expect, it } from "vitest";
import type { Brief, Dish } from "../api";
import { next, open } from "./saving";

const brief = (notes: string): Brief => ({ recipe: { text: "Gratin" }, notes });
const dish = (version: number, notes: string): Dish => ({
  id: "d",
  version,
  title: "Gratin",
  brief: brief(notes),
  canUndo: false,
  canRedo: false,
  changedAt: "",
});

describe("a dish on the desk", () => {
  it("waits with an edit until it is kept", () => {
    const edited = brief("b");
    const waiting = next(open(dish(1, "a"), null), { type: "edited", brief: edited });
    expect(waiting.saving.kind).toBe("waiting");
    const kept = next(next(waiting, { type: "sent" }), { type: "kept", dish: dish(2, "b"), brief: edited });
    expect(kept.saving.kind).toBe("saved");
    expect(kept.dish.version).toBe(2);
  });

  it("keeps what was typed while an earlier edit was on the way", () => {
    const first = brief("b");
    const second = brief("c");
    let desk = next(open(dish(1, "a"), null), { type: "edited", brief: first });
    desk = next(next(desk, { type: "sent" }), { type: "edited", brief: second });
    desk = next(desk, { type: "kept", dish: dish(2, "b"), brief: first });
    expect(desk.saving.kind).toBe("waiting");
    expect(desk.brief).toBe(second);
  });

  it("holds both versions in a conflict until the cook chooses", () => {
    const mine = brief("mine");
    const conflict = next(next(open(dish(1, "a"), null), { type: "edited", brief: mine }), {
      type: "conflict",
      theirs: dish(2, "theirs"),
    });
    expect(next(conflict, { type: "keeps-mine" })).toMatchObject({
      brief: mine,
      dish: { version: 2 },
      saving: { kind: "waiting" },
    });
    expect(next(conflict, { type: "took-theirs" })).toMatchObject({
      brief: { notes: "theirs" },
      saving: { kind: "saved" },
    });
    expect(next(conflict, { type: "edited", brief: brief("more") }).saving.kind).toBe("conflict");
  });

  it("goes on with unsaved edits of an earlier visit", () => {
    expect(open(dish(3, "a"), brief("b"))).toMatchObject({ brief: { notes: "b" }, saving: { kind: "waiting" } });
  });

  it("lets nothing else be moved while an undo is under way", () => {
    const moving = next(open(dish(1, "a"), null), { type: "moving" });
    expect(moving.saving.kind).toBe("moving");
    expect(next(moving, { type: "moved", dish: dish(2, "b") }).saving.kind).toBe("saved");
  });
});
