import { describe, expect, it } from "vitest";
import type { MealPlan, MealTask } from "../../api";
import { at, task } from "../../testing/tasks";
import { lanes } from "./layout";
import { mends, move } from "./order";

function plan(...tasks: MealTask[]): MealPlan {
  return { tasks, names: ["One", "Two"] } as unknown as MealPlan;
}

describe("lanes", () => {
  it("never lay two things over each other in one lane", () => {
    const hot = (id: string, from: string, to: string) =>
      task(id, from, to, { burner: true, hands: [{ cook: 1, from: at(from), to: at(from) }] });
    const drawn = lanes(plan(hot("a", "10:00", "10:30"), hot("b", "10:10", "10:40"), hot("c", "10:30", "10:50")), 1);
    for (const a of drawn.blocks)
      for (const b of drawn.blocks)
        if (a !== b && a.kind === "burner" && b.kind === "burner" && a.lane === b.lane)
          expect(a.end <= b.start || b.end <= a.start).toBe(true);
    expect(drawn.burners).toBe(2);
  });

  it("fold up the hours in which nothing is to do, but not a long bake", () => {
    const bake = task("bake", "12:00", "13:00", {
      oven: { oven: 0, shelf: 0, celsius: 180, covered: false },
      hands: [{ cook: 1, from: at("12:00"), to: at("12:03") }],
    });
    const drawn = lanes(plan(task("a", "10:00", "10:10"), bake), 1);
    expect(drawn.rows.filter((r) => r.idle).map((r) => r.minutes)).toEqual([110]);
  });
});

describe("the cook's own order", () => {
  const three = plan(
    task("cut", "10:00", "10:10"),
    task("fry", "10:10", "10:20", { after: ["cut"] }),
    task("other", "10:20", "10:30", { dishes: [1] }),
  );

  it("takes a task forward, but not before what it needs", () => {
    expect(move(three, "other", 0)).toEqual({ order: ["other", "cut", "fry"] });
    expect(move(three, "fry", 0)).toHaveProperty("refused");
  });

  it("mends a breach by washing before, or with the strict one and its needs first", () => {
    const breach = {
      at: at("10:20"),
      task: "fry",
      tool: "worktop",
      allergen: "wheat" as const,
      from: "other",
      mend: "",
      ways: ["wash" as const, "first" as const],
    };
    const wrong = plan(
      task("other", "10:00", "10:10", { dishes: [1] }),
      task("cut", "10:10", "10:20"),
      task("fry", "10:20", "10:30", { after: ["cut"] }),
    );
    const [wash, first] = mends(breach, wrong, {}, undefined);
    expect(wash.change.order).toEqual(["other", "cut", "wash-1", "fry"]);
    expect(first.change.order).toEqual(["cut", "fry", "other"]);
  });
});
