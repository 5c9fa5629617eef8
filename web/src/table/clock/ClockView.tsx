import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { SortableContext, sortableKeyboardCoordinates } from "@dnd-kit/sortable";
import { useState } from "react";
import { told } from "../../messages";
import { Button, Notice, PickOne } from "../../ui";
import { heard } from "../../ui/dragging";
import { DishMark } from "../DishMark";
import type { ViewProps } from "../viewProps";
import { Breaches } from "./Breaches";
import { Lanes } from "./Lanes";
import { move, orderOf } from "./order";
import { TaskList } from "./TaskList";
import { TaskPanel } from "./TaskPanel";
import { WhileCooking } from "./WhileCooking";

type Shape = "lanes" | "list";

const still = () => null;

/** When everything happens, as lanes or as a list; a task moved by hand shows at once what breaks. */
export function ClockView({ meal, plan, change }: ViewProps) {
  const [shape, setShape] = useState<Shape>(() => (window.innerWidth < 768 ? "list" : "lanes"));
  const [chosen, setChosen] = useState<string | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const put = (id: string, to: number) => {
    const moved = move(plan, id, to, meal.order);
    setRefused("refused" in moved ? moved.refused : null);
    if ("order" in moved) change({ order: moved.order });
  };
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id) put(String(active.id), orderOf(plan, meal.order).indexOf(String(over.id)));
  };
  const task = plan.tasks.find((t) => t.id === chosen);
  return (
    <div className="flex flex-col gap-4">
      {plan.missing.map((m) => (
        <Notice key={m.what} tone="warm" title={m.what}>
          {m.mend}
        </Notice>
      ))}
      {plan.lateMinutes > 0 && (
        <Notice tone="warm" title={told("web.table.on-the-table-minutes-late", plan.lateMinutes)}>
          {told("web.table.nothing-faster-fits-these-hands-burners")}
        </Notice>
      )}
      {meal.order && (
        <Notice title={told("web.table.this-is-your-own-order")}>
          {told("web.table.nabe-has-timed-and-checked-it")}{" "}
          <Button look="quiet" className="min-h-8 px-2" onClick={() => change({ order: undefined })}>
            {told("web.table.let-nabe-find-the-order-again")}
          </Button>
        </Notice>
      )}
      {refused && (
        <Notice tone="warm" title={told("web.table.that-does-not-work")}>
          {told("web.table.nothing-was-moved", refused)}
        </Notice>
      )}
      <Breaches plan={plan} meal={meal} change={change} onShow={setChosen} />
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <PickOne
          label={told("web.table.how-the-clock-is-shown")}
          value={shape}
          options={[
            { value: "lanes", label: told("web.table.lanes") },
            { value: "list", label: told("web.table.list") },
          ]}
          onPick={setShape}
        />
        <ul className="flex flex-wrap gap-x-4 gap-y-1" aria-label={told("web.table.dishes")}>
          {plan.labels.map((l) => (
            <li key={l.dish} className="flex items-center gap-1.5 text-sm font-semibold">
              <DishMark dish={l.dish} small /> {l.name}
              {l.strict && <span className="strict-edge px-1 font-normal text-faded">{told("web.ui.strict")}</span>}
            </li>
          ))}
        </ul>
      </div>
      <div className="grid items-start gap-5 xl:grid-cols-[minmax(0,1fr)_21rem]">
        <DndContext
          sensors={sensors}
          collisionDetection={closestCenter}
          onDragEnd={drop}
          accessibility={heard((id) => plan.tasks.find((t) => t.id === id)?.words ?? id)}
        >
          <SortableContext items={orderOf(plan)} strategy={still}>
            {shape === "lanes" ? (
              <Lanes plan={plan} meal={meal} chosen={chosen} onChoose={setChosen} />
            ) : (
              <TaskList plan={plan} meal={meal} chosen={chosen} onChoose={setChosen} />
            )}
          </SortableContext>
        </DndContext>
        <div className="flex flex-col gap-4 xl:sticky xl:top-4">
          <div
            className={
              task
                ? "max-xl:fixed max-xl:inset-x-0 max-xl:bottom-0 max-xl:z-30 max-xl:max-h-[50vh] max-xl:overflow-auto max-xl:border-t-4 max-xl:border-rim"
                : ""
            }
          >
            <TaskPanel
              task={task}
              plan={plan}
              meal={meal}
              change={change}
              onPut={put}
              onClose={() => setChosen(null)}
            />
          </div>
          <WhileCooking meal={meal} plan={plan} change={change} />
        </div>
      </div>
    </div>
  );
}
