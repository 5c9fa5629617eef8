import { describe, expect, it } from "vitest";
import type { MealPlan } from "../../api";
import { supperPlan } from "../../testing/supper";
import { at, task } from "../../testing/tasks";
import { minuteOf } from "../time";
import { type Block, lanes } from "./layout";

const drawn = lanes(supperPlan(), 1);

function overlaps(a: Block, b: Block): boolean {
  return a.kind === b.kind && a.lane === b.lane && a.start < b.end && b.start < a.end;
}

describe("the lanes of a whole supper", () => {
  it("begin and end every block at the minutes its task has", () => {
    const end = drawn.rows[drawn.rows.length - 1];
    const moments = [...drawn.rows.map((r) => r.minute), end.minute + end.minutes];
    for (const b of drawn.blocks.filter((k) => k.kind === "oven")) {
      expect(moments[b.start]).toBe(minuteOf(b.task.from));
      expect(moments[b.end]).toBe(minuteOf(b.task.to));
    }
  });

  it("have rows that follow each other without a gap", () => {
    for (let i = 1; i < drawn.rows.length; i++)
      expect(drawn.rows[i].minute).toBe(drawn.rows[i - 1].minute + drawn.rows[i - 1].minutes);
  });

  it("draw all that hands do, every burner and every shelf", () => {
    const of = (kind: Block["kind"]) => drawn.blocks.filter((b) => b.kind === kind);
    const { tasks } = supperPlan();
    expect(of("hands")).toHaveLength(tasks.reduce((sum, t) => sum + t.hands.length, 0));
    expect(of("burner")).toHaveLength(tasks.filter((t) => t.burner).length);
    expect(of("oven")).toHaveLength(tasks.filter((t) => t.oven).length);
  });

  it("lay nothing over another on a burner, and nothing on a shelf that is not there", () => {
    const hot = drawn.blocks.filter((b) => b.kind === "burner");
    for (const [i, a] of hot.entries()) for (const b of hot.slice(i + 1)) expect(overlaps(a, b)).toBe(false);
    for (const b of drawn.blocks)
      if (b.kind === "oven") expect(drawn.shelves[b.lane]).toMatchObject({ shelf: b.task.oven?.shelf });
  });

  it("say idle of no minute in which a hand, a burner or an oven is busy", () => {
    for (const row of drawn.rows.filter((r) => r.idle))
      for (const t of supperPlan().tasks)
        for (const h of t.hands)
          expect(minuteOf(h.from) < row.minute + row.minutes && minuteOf(h.to) > row.minute).toBe(false);
  });
});

describe("what waits by itself", () => {
  const waiting = (id: string, to: string) =>
    task(id, "10:00", to, { hands: [{ cook: 1, from: at("10:00"), to: at("10:02") }] });

  it("is drawn from when the hands leave it, and a short wait not at all", () => {
    const few = lanes({ tasks: [waiting("soak", "11:00"), waiting("cool", "10:05")] } as unknown as MealPlan, 1);
    const blocks = few.blocks.filter((b) => b.kind === "waits");
    expect(blocks.map((b) => b.task.id)).toEqual(["soak"]);
    expect(few.rows[blocks[0].start].minute).toBe(minuteOf(at("10:02")));
  });

  it("takes three places at most", () => {
    const many = ["a", "b", "c", "d", "e"].map((id) => waiting(id, "11:00"));
    expect(lanes({ tasks: many } as unknown as MealPlan, 1).waits).toBe(3);
  });
});
