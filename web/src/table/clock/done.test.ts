import { describe, expect, it } from "vitest";
import type { MealBrief, MealPlan } from "../../api";
import { at, task } from "../../testing/tasks";
import { asPlannedUntil, behind, isDone, longer, undone } from "./done";

const cut = task("cut", "10:00", "10:10");
const fry = task("fry", "10:10", "10:25");
const serve = task("serve", "11:00", "11:05");
const plan = { tasks: [cut, fry, serve] } as unknown as MealPlan;
const begun: MealBrief = { done: [{ task: "cut", from: at("10:00"), to: at("10:20") }], order: ["fry", "cut"] };

describe("what is done while one cooks", () => {
  it("is all that was to begin by then, and nothing that was to begin later", () => {
    const done = asPlannedUntil(plan, {}, at("10:11"));
    expect(done.map((d) => d.task)).toEqual(["cut", "fry"]);
    expect(asPlannedUntil(plan, {}, at("10:10")).map((d) => d.task)).toEqual(["cut"]);
  });

  it("keeps how long a thing really took", () => {
    const done = asPlannedUntil(plan, begun, at("12:00"));
    expect(done.filter((d) => d.task === "cut")).toEqual(begun.done);
    expect(done).toHaveLength(3);
  });

  it("behind means that only what the plan has before that is done, and the order is free again", () => {
    const change = behind(plan, {}, at("10:20"), 15);
    expect(change.done?.map((d) => d.task)).toEqual(["cut"]);
    expect(change.now).toBe(at("10:20"));
    expect(change).toHaveProperty("order", undefined);
  });

  it("may have taken longer, counted from its own end, and said once", () => {
    const once = longer(begun, fry, 10);
    expect(once).toContainEqual({ task: "fry", from: fry.from, to: at("10:35") });
    expect(longer({ done: once }, fry, 20).filter((d) => d.task === "fry")).toEqual([
      { task: "fry", from: fry.from, to: at("10:45") },
    ]);
  });

  it("can be taken back", () => {
    expect(isDone(begun, cut)).toBe(true);
    expect(undone(begun, cut)).toEqual([]);
    expect(undone(begun, fry)).toEqual(begun.done);
    expect(isDone({}, cut)).toBe(false);
  });
});
