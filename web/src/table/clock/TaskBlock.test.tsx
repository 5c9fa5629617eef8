// @vitest-environment jsdom
import { DndContext } from "@dnd-kit/core";
import { SortableContext } from "@dnd-kit/sortable";
import { render, screen } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import type { MealPlan, MealTask } from "../../api";
import { task } from "../../testing/tasks";
import { TaskBlock } from "./TaskBlock";

const told = (of: MealTask) => {
  render(
    <DndContext>
      <SortableContext items={[of.id]}>
        <TaskBlock
          task={of}
          plan={{ breaches: [] } as unknown as MealPlan}
          chosen={false}
          done={false}
          onChoose={vi.fn()}
        />
      </SortableContext>
    </DndContext>,
  );
  return screen.getByRole("button").textContent;
};

describe("a task at a glance", () => {
  it("names what is cut, whatever words the plan tells it in", () => {
    const cuts = ["leeks sliced", "ham diced"];
    expect(told(task("a", "10:00", "10:05", { words: "Ĥáṽé çúţ.", cuts }))).toContain("Cut: leeks sliced; ham diced");
  });

  it("tells other work in the plan's words, and what is long by its beginning", () => {
    const words = told(task("a", "10:00", "10:05", { words: `Stir ${"slowly ".repeat(30)}` }));
    expect(words).toMatch(/Stir slowly.*…$/);
    expect(words?.length).toBeLessThan(120);
  });
});
