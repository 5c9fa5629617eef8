import { useSortable } from "@dnd-kit/sortable";
import type { CSSProperties } from "react";
import type { MealPlan, MealTask } from "../../api";
import { told } from "../../messages";
import { DishMark } from "../DishMark";
import { clock } from "../time";
import { isMovable } from "./order";

interface Props {
  task: MealTask;
  plan: MealPlan;
  chosen: boolean;
  done: boolean;
  onChoose: (id: string) => void;
  style?: CSSProperties;
  withTime?: boolean;
}

/** A piece of work as it stands in a lane or on the list; it can be taken and put elsewhere. */
export function TaskBlock({ task, plan, chosen, done, onChoose, style, withTime = false }: Props) {
  const movable = isMovable(task) && !done;
  const { attributes, listeners, setNodeRef, transform, isDragging, isOver, active } = useSortable({
    id: task.id,
    disabled: !movable,
  });
  const broken = plan.breaches.some((b) => b.task === task.id);
  const look = task.wash
    ? "border-rim bg-rim-soft"
    : broken
      ? "border-danger bg-danger-soft"
      : chosen
        ? "border-rim bg-sheet"
        : "border-line bg-sheet";
  const over = isOver && active?.id !== task.id ? "outline-3 outline-dashed outline-warm" : "";
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...attributes}
      {...listeners}
      aria-pressed={chosen}
      aria-roledescription={movable ? told("web.table.task-that-can-be-moved") : told("web.table.task")}
      onClick={() => onChoose(task.id)}
      style={{
        ...style,
        transform: transform ? `translate3d(${transform.x}px, ${transform.y}px, 0)` : undefined,
        zIndex: isDragging ? 20 : undefined,
      }}
      className={`flex min-w-0 items-start gap-1.5 rounded-md border-2 px-1.5 py-0.5 text-left text-[0.86rem] leading-tight ${look} ${over} ${isStrict(task) ? "strict-edge" : ""} ${isDragging ? "opacity-80 shadow-lg" : ""} ${movable ? "cursor-grab" : ""}`}
    >
      {task.dishes.length > 0 && !task.wash && (
        <span className="flex gap-0.5">
          {task.dishes.map((d) => (
            <DishMark key={d} dish={d} small />
          ))}
        </span>
      )}
      <span className={`min-w-0 ${done ? "text-faded line-through" : ""}`}>
        {done && <span className="sr-only">{told("web.table.done")} </span>}
        {withTime && <strong className="tabular-nums">{clock(task.from)} </strong>}
        {short(task)}
        {broken && <strong className="text-danger"> {told("web.table.not-kept-apart-mark")}</strong>}
      </span>
    </button>
  );
}

export function isStrict(task: MealTask): boolean {
  return task.guards.length > 0 && !task.wash;
}

/** What a glance must tell; the panel has the rest. */
function short(task: MealTask): string {
  if (task.wash) return told("web.table.wash-hands-tools-and-worktop");
  const words = task.cuts.length > 0 ? told("web.table.cut", task.cuts.join("; ")) : task.words;
  return words.length <= 110 ? words : `${words.slice(0, 107).trimEnd()}…`;
}
