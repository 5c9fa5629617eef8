import { useState } from "react";
import { rich, told } from "../../messages";
import { Card, PickOne } from "../../ui";
import { Breaches } from "../clock/Breaches";
import { DishMark } from "../DishMark";
import { clock, day } from "../time";
import type { ViewProps } from "../viewProps";

const PLACES: Record<string, string> = {
  packet: told("web.table.packet"),
  fridge: told("web.ui.fridge"),
  worktop: told("web.table.worktop"),
  tools: told("web.ui.tools"),
  oven: told("web.ui.oven"),
  table: told("web.ui.table"),
};

/** How each strict person's food stays apart, from packet to plate. */
export function ApartView({ meal, plan, change }: ViewProps) {
  const people = [...new Set(plan.stories.map((s) => s.eater))];
  const [who, setWho] = useState(people[0] ?? "");
  const shown = people.includes(who) ? who : people[0];
  return (
    <div className="flex flex-col gap-5">
      <Breaches plan={plan} meal={meal} change={change} />
      <Card title={told("web.table.kept-apart")}>
        {plan.breaches.length === 0 ? (
          <p>
            {rich(
              "web.table.walked-through-from-the-first-task",
              { a: (words) => <strong>{words}</strong> },
              plan.ordinaryBreaches > 0 && told("web.table.dish-beside-dish-with-one-tool", plan.ordinaryBreaches),
            )}
          </p>
        ) : (
          <p>{told("web.table.mend-what-is-named-above-first")}</p>
        )}
        <p className="mt-2 text-sm text-faded">{told("web.table.loose-flour-hangs-in-the-air")}</p>
      </Card>
      {people.length === 0 ? (
        <p className="text-faded">{told("web.table.nobody-at-this-table-is-strict")}</p>
      ) : (
        <>
          <PickOne
            label={told("web.table.whose-food")}
            value={shown}
            options={people.map((p) => ({ value: p, label: p }))}
            onPick={setWho}
          />
          <div className="grid items-start gap-5 lg:grid-cols-2">
            {plan.stories
              .filter((s) => s.eater === shown)
              .map((s) => (
                <Card
                  key={s.dish}
                  title={told("web.table.for", plan.names[s.dish], s.eater)}
                  aside={<DishMark dish={s.dish} />}
                >
                  <ol className="flex flex-col">
                    {s.lines.map((line, i) => (
                      <li key={i} className="strict-edge grid grid-cols-[5.5rem_1fr] gap-2 py-1.5 pl-3">
                        <span className="text-sm font-semibold text-rim">
                          {PLACES[line.where] ?? line.where}
                          {line.at && (
                            <span className="block font-normal text-faded">
                              {day(line.at).slice(0, 3)} {clock(line.at)}
                            </span>
                          )}
                        </span>
                        <span>{line.words}</span>
                      </li>
                    ))}
                  </ol>
                </Card>
              ))}
          </div>
        </>
      )}
    </div>
  );
}
