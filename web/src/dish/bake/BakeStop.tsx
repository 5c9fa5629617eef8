import type { Plan } from "../../api";
import { Card, minutes, NumberField, PickOne, TwoColumns } from "../../ui";
import { Cautions } from "../Cautions";
import type { StopProps } from "../stopProps";
import { Curves } from "./Curves";
import { HeatPicture } from "./HeatPicture";
import { OwnPhases } from "./OwnPhases";
import { PhaseStrip } from "./PhaseStrip";
import { ShareCard } from "./ShareCard";
import { WhatIf } from "./WhatIf";

const STARTS = [
  { value: "hot", label: "Hot, just built" },
  { value: "room", label: "Room" },
  { value: "fridge", label: "Fridge" },
  { value: "frozen", label: "Frozen" },
] as const;

export function BakeStop({ plan, brief, edit, dishId, drawing }: StopProps) {
  const { bake } = plan;
  const oven = brief.oven ?? {};
  return (
    <TwoColumns
      drawing={drawing}
      first={
        <>
          <Card
            title={`${minutes(bake.ovenMinutes)} in the oven`}
            aside={bake.recipeMinutes ? `The recipe said ${minutes(bake.recipeMinutes)}` : undefined}
          >
            <Scales oven={bake.oven} />
            <PhaseStrip phases={bake.phases} />
            <OwnPhases bake={bake} own={oven.phases ?? null} onOwn={(phases) => edit({ oven: { ...oven, phases } })} />
            {bake.notes.map((n) => (
              <p key={n} className="mt-2 border-l-4 border-warm pl-3">
                {n}
              </p>
            ))}
            <p className="mt-3 text-sm text-faded">
              {bake.band.words} {bake.practice.words}
            </p>
            <p className="text-sm text-faded">{bake.rule}</p>
          </Card>
          <Card title="It is done when">
            <ul className="list-disc space-y-1 pl-5">
              {bake.signs.map((s) => (
                <li key={s}>{s}</li>
              ))}
            </ul>
          </Card>
          <Card title="How it goes in">
            <div className="flex flex-col gap-4">
              <PickOne
                label="Start from"
                value={bake.start}
                options={STARTS}
                onPick={(start) => edit({ oven: { ...oven, start } })}
              />
              <div className="flex flex-wrap items-end gap-4">
                <NumberField
                  label="Dial"
                  unit="°C"
                  optional
                  min={100}
                  max={290}
                  value={oven.celsius ?? null}
                  onValue={(celsius) => edit({ oven: { ...oven, celsius: celsius ?? undefined } })}
                />
                <PickOne
                  label="Oven"
                  value={oven.fan ? "fan" : "plain"}
                  onPick={(v) => edit({ oven: { ...oven, fan: v === "fan" } })}
                  options={[
                    { value: "plain", label: "Top and bottom heat" },
                    { value: "fan", label: "Fan" },
                  ]}
                />
              </div>
              <div className="flex flex-wrap items-end gap-4">
                <NumberField
                  label="Hotter than its dial by"
                  unit="°C"
                  min={-40}
                  max={40}
                  value={oven.offsetCelsius ?? 0}
                  onValue={(v) => edit({ oven: { ...oven, offsetCelsius: v ?? 0 } })}
                />
                <PickOne
                  label="Oven when it goes in"
                  value={oven.preheated === false ? "cold" : "hot"}
                  onPick={(v) => edit({ oven: { ...oven, preheated: v === "hot" } })}
                  options={[
                    { value: "hot", label: "Heated first" },
                    { value: "cold", label: "Cold oven" },
                  ]}
                />
                <PickOne
                  label="Shelf"
                  value={oven.topShelf ? "top" : "middle"}
                  onPick={(v) => edit({ oven: { ...oven, topShelf: v === "top" } })}
                  options={[
                    { value: "middle", label: "Middle" },
                    { value: "top", label: "Top shelf" },
                  ]}
                />
              </div>
              <p className="text-sm text-faded">
                Leave the dial empty for the recipe's temperature. Home ovens are often 10 to 25 °C off; an oven
                thermometer tells.
              </p>
            </div>
          </Card>
          <Card title="Take care">
            <Cautions cautions={plan.cautions.filter((c) => c.kind !== "label")} />
            {plan.cautions.some((c) => c.kind === "label") && (
              <p className="mt-3">The labels to read stand at Swap, and on the card.</p>
            )}
          </Card>
        </>
      }
      second={
        <>
          {bake.forecast && (
            <Card title="Heat and water on the way" aside="forecast, with its band">
              <Curves forecast={bake.forecast} phases={bake.phases} core={bake.coreCelsius ?? null} />
              <p className="mt-2">{bake.carryOver.words}</p>
              <HeatPicture forecast={bake.forecast} />
            </Card>
          )}
          <Card title="What drives the time">
            <ul className="space-y-1">
              {bake.drivers.map((d) => (
                <li key={d.what}>{d.words[0].toUpperCase() + d.words.slice(1)}</li>
              ))}
            </ul>
            <WhatIf plan={plan} brief={brief} edit={edit} />
          </Card>
          <ShareCard dishId={dishId} />
        </>
      }
    />
  );
}

function Scales({ oven }: { oven: Plan["bake"]["oven"] }) {
  const dials = [
    ["Oven", `${5 * Math.round(oven.celsius / 5)} °C`],
    ["Fan", `${Math.round(oven.fanCelsius)} °C`],
    ["Fahrenheit", `${Math.round(oven.fahrenheit)} °F`],
    ["Gas", `mark ${oven.gasMark}`],
  ];
  return (
    <dl className="mb-4 flex flex-wrap gap-x-8 gap-y-2">
      {dials.map(([name, value]) => (
        <div key={name}>
          <dt className="text-sm text-faded">{name}</dt>
          <dd className="text-xl font-bold">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
