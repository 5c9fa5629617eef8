import type { MealBrief, MealPlan } from "../../api";
import { rich, told } from "../../messages";
import { letterOf } from "../DishMark";
import { clock, day, timeOf } from "../time";
import { isDone } from "./done";
import { type Block, type Lanes as Drawn, lanes } from "./layout";
import { isStrict, TaskBlock } from "./TaskBlock";

interface Props {
  plan: MealPlan;
  meal: MealBrief;
  chosen: string | null;
  onChoose: (id: string) => void;
}

/** Widths in rem. */
const HAND = 12;
const BURNER = 1.8;
const SHELF = 4.7;
const STAND = 3.6;
const MINUTE = 1.4;
const LEAST = 12;
const IDLE = 46;

/** The clock as lanes down the page: hands, burners, oven shelves and what stands by itself. */
export function Lanes({ plan, meal, chosen, onChoose }: Props) {
  const drawn = lanes(plan, meal.kitchen?.cooks ?? 1);
  const columns = [
    "3.4rem",
    `repeat(${drawn.cooks}, minmax(${HAND}rem, 1fr))`,
    drawn.burners ? `repeat(${drawn.burners}, ${BURNER}rem)` : "",
    drawn.shelves.length ? `repeat(${drawn.shelves.length}, ${SHELF}rem)` : "",
    drawn.waits ? `repeat(${drawn.waits}, ${STAND}rem)` : "",
  ].join(" ");
  const rows = drawn.rows.map(
    (r) => `minmax(${r.idle ? IDLE : Math.max(LEAST, Math.min(70, r.minutes * MINUTE))}px, auto)`,
  );
  return (
    <section
      aria-label={told("web.table.clock-in-lanes")}
      className="overflow-auto rounded-xl border border-line bg-sheet px-3 pb-3 xl:max-h-[calc(100vh-2rem)]"
    >
      <div
        className="grid gap-x-1.5"
        style={{
          gridTemplateColumns: columns,
          gridTemplateRows: `auto ${rows.join(" ")}`,
          minWidth: `${narrowest(drawn)}rem`,
        }}
      >
        <Heads drawn={drawn} />
        <Times drawn={drawn} />
        {drawn.blocks.map((b) =>
          b.kind === "hands" ? (
            <TaskBlock
              key={`${b.task.id} ${b.lane}`}
              task={b.task}
              plan={plan}
              chosen={chosen === b.task.id}
              done={isDone(meal, b.task)}
              onChoose={onChoose}
              style={{ gridColumn: 2 + b.lane, gridRow: `${b.start + 2} / ${b.end + 2}` }}
            />
          ) : (
            <Beside key={`${b.kind} ${b.task.id}`} block={b} drawn={drawn} onChoose={onChoose} />
          ),
        )}
      </div>
    </section>
  );
}

function narrowest(drawn: Drawn): number {
  const lanes = drawn.cooks + drawn.burners + drawn.shelves.length + drawn.waits;
  return (
    4 + 0.4 * lanes + drawn.cooks * HAND + drawn.burners * BURNER + drawn.shelves.length * SHELF + drawn.waits * STAND
  );
}

function columnOf(kind: Block["kind"], lane: number, drawn: Drawn): number {
  const first = { hands: 2, burner: 2 + drawn.cooks, oven: 2 + drawn.cooks + drawn.burners, waits: 0 };
  first.waits = first.oven + drawn.shelves.length;
  return first[kind] + lane;
}

function Heads({ drawn }: { drawn: Drawn }) {
  const head =
    "sticky top-0 z-10 self-stretch flex items-end border-b-2 border-line bg-sheet pt-2 pb-1 text-sm font-semibold text-faded leading-tight";
  const many = new Set(drawn.shelves.map((s) => s.oven)).size > 1;
  return (
    <>
      <span className={head} style={{ gridRow: 1, gridColumn: 1 }}>
        {told("web.table.time")}
      </span>
      {Array.from({ length: drawn.cooks }, (_, i) => (
        <span key={`cook ${i + 1}`} className={head} style={{ gridRow: 1, gridColumn: 2 + i }}>
          {i === 0
            ? told("web.table.the-cooks-hands")
            : i === 1
              ? told("web.table.the-helpers-hands")
              : told("web.table.the-third-pair-of-hands")}
        </span>
      ))}
      {drawn.burners > 0 && (
        <span
          className={head}
          style={{ gridRow: 1, gridColumn: `${columnOf("burner", 0, drawn)} / span ${drawn.burners}` }}
        >
          {drawn.burners > 1 ? told("web.table.burners") : told("web.table.burner")}
        </span>
      )}
      {drawn.shelves.map((s, i) => (
        <span
          key={`${s.oven} ${s.shelf}`}
          className={head}
          style={{ gridRow: 1, gridColumn: columnOf("oven", i, drawn) }}
        >
          {many ? told("web.table.oven", s.oven + 1) : told("web.table.oven-only")}
          {s.shelf === 0
            ? told("web.table.top-shelf")
            : s.shelf === 1
              ? told("web.table.shelf-below")
              : told("web.table.shelf", s.shelf + 1)}
        </span>
      ))}
      {drawn.waits > 0 && (
        <span
          className={head}
          style={{ gridRow: 1, gridColumn: `${columnOf("waits", 0, drawn)} / span ${drawn.waits}` }}
        >
          {told("web.table.by-itself")}
        </span>
      )}
    </>
  );
}

function Times({ drawn }: { drawn: Drawn }) {
  const begun = new Set(drawn.blocks.filter((b) => b.kind === "hands" || b.kind === "oven").map((b) => b.start));
  return drawn.rows.map((row, i) => {
    const at = timeOf(row.minute);
    const newDay = i === 0 || timeOf(drawn.rows[i - 1].minute).slice(0, 10) !== at.slice(0, 10);
    if (row.idle) {
      const until = timeOf(row.minute + row.minutes);
      return (
        <p
          key={row.minute}
          className="flex items-center justify-center gap-2 self-center rounded bg-enamel py-1 text-sm text-faded"
          style={{ gridRow: i + 2, gridColumn: "1 / -1" }}
        >
          {rich(
            "web.table.nothing-to-do-until",
            { a: (words) => <strong className="text-ink">{words}</strong> },
            clock(until),
          )}
          {until.slice(0, 10) !== at.slice(0, 10) && <strong className="text-ink">{day(until)}</strong>}
        </p>
      );
    }
    return begun.has(i) || newDay ? (
      <span
        key={row.minute}
        className="border-t border-line pr-1 text-sm leading-none tabular-nums"
        style={{ gridRow: i + 2, gridColumn: 1 }}
      >
        {clock(at)}
        {i === 0 && <span className="block pt-0.5 text-xs text-faded">{day(at).slice(0, 3)}</span>}
      </span>
    ) : null;
  });
}

/** What takes a burner, a shelf or a place to stand. */
function Beside({ block, drawn, onChoose }: { block: Block; drawn: Drawn; onChoose: (id: string) => void }) {
  const { task, kind } = block;
  const pan = task.tools.find((t) => /pan/.test(t.tool))?.item;
  const oven = task.oven;
  const words =
    kind === "oven" && oven
      ? told(
          "web.table.oven-stands",
          5 * Math.round(oven.celsius / 5),
          task.action === "grill" ? "grill" : oven.covered ? "covered" : "open",
        )
      : kind === "burner"
        ? (pan ?? told("web.table.pan"))
        : told("web.table.waits", task.action);
  return (
    <button
      type="button"
      onClick={() => onChoose(task.id)}
      aria-label={told(
        "web.table.to",
        clock(task.from),
        clock(task.to),
        kind === "oven"
          ? told("web.table.in-the-oven")
          : kind === "burner"
            ? told("web.table.on-a-burner")
            : told("web.table.by-itself-lane"),
        task.words,
      )}
      className={`dish-texture dish-texture-${(task.dishes[0] ?? 0) % 8} flex min-w-0 items-start overflow-hidden rounded-md border-2 border-ink/50 p-0.5 text-left text-xs leading-tight ${isStrict(task) ? "strict-edge" : ""} ${kind === "waits" ? "border-dashed" : ""}`}
      style={{
        contain: "size",
        gridColumn: columnOf(kind, block.lane, drawn),
        gridRow: `${block.start + 2} / ${block.end + 2}`,
      }}
    >
      <span
        className={`inline-block rounded-sm bg-sheet px-0.5 ${kind === "burner" ? "whitespace-nowrap [writing-mode:vertical-rl]" : ""}`}
      >
        <strong>{task.dishes.map(letterOf).join("")}</strong> {words}
      </span>
    </button>
  );
}
