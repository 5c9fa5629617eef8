import { Link, useParams } from "react-router";
import type { MealPlan, MealTask } from "../api";
import { told } from "../messages";
import { Button, Page } from "../ui";
import { dayByDay, isTask, startOf } from "./clock/TaskList";
import { DishMark, letterOf } from "./DishMark";
import { DishCard } from "./serve/ServeView";
import { places } from "./shopping/places";
import { Item } from "./shopping/ShoppingView";
import { clock, day } from "./time";
import { useMeal, useMealPlan } from "./useMeal";

/** The whole meal on paper: a list to pin up for each day, who eats what, shopping, and the cards for the dishes. */
export function PrintPage() {
  const { id = "" } = useParams();
  const { kept, missing, saving } = useMeal(id);
  const { plan, proving } = useMealPlan(kept, saving);
  return (
    <Page title={told("web.table.on-paper", kept?.meal.title ?? told("web.table.meal"))}>
      <div className="no-print mb-4 flex flex-wrap items-center gap-3">
        <Button look="main" disabled={!plan || proving} onClick={() => window.print()}>
          {told("web.table.print")}
        </Button>
        <Link to={`/table/${id}/clock`} className="font-semibold text-rim underline">
          {told("web.table.back-to-the-clock")}
        </Link>
        {proving && <span role="status">{told("web.table.still-looking-for-the-best-order")}</span>}
      </div>
      {plan ? <Sheets plan={plan} /> : <p role="status">{missing?.message ?? told("web.ui.working-out-the-plan")}</p>}
    </Page>
  );
}

function Sheets({ plan }: { plan: MealPlan }) {
  return (
    <article className="card-sheet mx-auto flex max-w-4xl flex-col gap-6 rounded-xl border border-line bg-sheet p-5 text-[0.94rem] leading-snug">
      <header className="border-b-4 border-rim pb-2">
        <h1 className="text-xl font-bold">{plan.title}</h1>
        <p>
          {told(
            "web.table.on-the-table-at-late",
            day(plan.serveAt),
            clock(plan.serveAt),
            plan.lateMinutes > 0 && told("web.table.minutes-late", plan.lateMinutes),
          )}
        </p>
      </header>
      <Matrix plan={plan} />
      {plan.missing.length > 0 && (
        <section>
          <h2 className="font-bold text-danger">{told("web.table.still-lacking")}</h2>
          <ul className="list-disc pl-5">
            {plan.missing.map((m) => (
              <li key={m.what}>
                {m.what} {m.mend}
              </li>
            ))}
          </ul>
        </section>
      )}
      {dayByDay(plan).map(({ day: name, entries }) => (
        <section key={name}>
          <h2 className="mb-1 border-b border-line font-bold text-rim">{name}</h2>
          <ol>
            {entries.map((e) => (
              <li
                key={isTask(e) ? e.id : `${e.oven} ${e.at}`}
                className="grid break-inside-avoid grid-cols-[3.2rem_2.6rem_1fr] gap-1 border-b border-line/60 py-0.5"
              >
                <strong className="tabular-nums">{clock(startOf(e))}</strong>
                <span>{isTask(e) ? (e.wash ? "" : e.dishes.map(letterOf).join("")) : told("web.table.oven-line")}</span>
                <span>{isTask(e) ? <Told task={e} plan={plan} /> : <strong>{e.words}</strong>}</span>
              </li>
            ))}
          </ol>
        </section>
      ))}
      <section className="break-before-page">
        <h2 className="mb-1 border-b border-line font-bold text-rim">{told("web.table.shopping")}</h2>
        <div className="gap-6 sm:columns-2">
          {places(plan.shopping).map(({ place, items }) => (
            <div key={place} className="mb-3 break-inside-avoid">
              <h3 className="font-semibold">{place}</h3>
              <ul>
                {items.map((item) => (
                  <li key={item.item} className="flex gap-2">
                    <span aria-hidden="true" className="mt-0.5 size-3.5 shrink-0 border border-ink" />
                    <span>
                      <Item item={item} plan={plan} />
                    </span>
                  </li>
                ))}
              </ul>
            </div>
          ))}
        </div>
      </section>
      <section className="break-before-page">
        <h2 className="mb-2 border-b border-line font-bold text-rim">{told("web.table.cards-for-the-dishes")}</h2>
        <div className="grid gap-4 sm:grid-cols-2">
          {plan.labels.map((l) => (
            <DishCard key={l.dish} label={l} />
          ))}
        </div>
      </section>
      <footer className="border-t border-line pt-2 text-sm text-faded">
        {told("web.table.read-every-packet-each-time-when")}
      </footer>
    </article>
  );
}

function Told({ task, plan }: { task: MealTask; plan: MealPlan }) {
  const cooks = Math.max(...plan.tasks.flatMap((t) => t.hands.map((h) => h.cook)));
  const who = task.hands[0]?.cook ?? 1;
  return (
    <>
      {cooks > 1 && !task.wash && who > 1 && <em>{told("web.table.helper")} </em>}
      {task.wash ? <strong>{task.words}</strong> : task.words}
      {!task.wash && task.tools.length > 0 && (
        <span className="text-faded"> [{task.tools.map((t) => t.item).join(", ")}]</span>
      )}
    </>
  );
}

function Matrix({ plan }: { plan: MealPlan }) {
  const dishes = plan.labels.map((l) => l.dish);
  const people = [...new Set(plan.eats.map((e) => e.eater))];
  return (
    <section>
      <h2 className="mb-1 font-bold text-rim">{told("web.table.who-eats-what")}</h2>
      <table className="w-full border-collapse text-left text-[0.88rem]">
        <thead>
          <tr className="border-b border-ink">
            <th scope="col">
              <span className="sr-only">{told("web.table.person")}</span>
            </th>
            {dishes.map((d) => (
              <th key={d} scope="col" className="relative py-1 pr-2">
                <span className="flex items-center gap-1">
                  <DishMark dish={d} small /> <span className="max-sm:sr-only">{plan.names[d]}</span>
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {people.map((p) => (
            <tr key={p} className="border-b border-line">
              <th scope="row" className="pr-2">
                {p}
              </th>
              {dishes.map((d) => (
                <td key={d} className="pr-2">
                  {told(
                    "web.table.on-paper-verdict",
                    plan.eats.find((e) => e.eater === p && e.dish === d)?.verdict ?? "no",
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
