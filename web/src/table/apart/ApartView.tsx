import { useState } from "react";
import { Card, PickOne } from "../../ui";
import { Breaches } from "../clock/Breaches";
import { DishMark } from "../DishMark";
import { clock, day } from "../time";
import type { ViewProps } from "../viewProps";

const PLACES: Record<string, string> = {
  packet: "Packet",
  fridge: "Fridge",
  worktop: "Worktop",
  tools: "Tools",
  oven: "Oven",
  table: "Table",
};

/** How each strict person's food stays apart, from packet to plate. */
export function ApartView({ meal, plan, change }: ViewProps) {
  const people = [...new Set(plan.stories.map((s) => s.eater))];
  const [who, setWho] = useState(people[0] ?? "");
  const shown = people.includes(who) ? who : people[0];
  return (
    <div className="flex flex-col gap-5">
      <Breaches plan={plan} meal={meal} change={change} />
      <Card title="Kept apart">
        {plan.breaches.length === 0 ? (
          <p>
            Walked through from the first task to the table: <strong>nothing gets where it must not be.</strong>{" "}
            {plan.ordinaryBreaches > 0 &&
              `Dish beside dish, with one tool of each kind and no washing up between, it would have happened ${plan.ordinaryBreaches} times.`}
          </p>
        ) : (
          <p>Mend what is named above first.</p>
        )}
        <p className="mt-2 text-sm text-faded">
          Loose flour hangs in the air for half an hour; washing is hot soapy water, a rinse and a fresh cloth. Usual
          advice of coeliac societies. Follow your local food-safety advice, doctor and dietitian.
        </p>
      </Card>
      {people.length === 0 ? (
        <p className="text-faded">Nobody at this table is strict: what is in a dish decides, traces do not.</p>
      ) : (
        <>
          <PickOne
            label="Whose food"
            value={shown}
            options={people.map((p) => ({ value: p, label: p }))}
            onPick={setWho}
          />
          <div className="grid items-start gap-5 lg:grid-cols-2">
            {plan.stories
              .filter((s) => s.eater === shown)
              .map((s) => (
                <Card key={s.dish} title={`${plan.names[s.dish]}, for ${s.eater}`} aside={<DishMark dish={s.dish} />}>
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
