import type { Plan } from "../../api";
import { told } from "../../messages";
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
  { value: "hot", label: told("web.dish.hot-just-built") },
  { value: "room", label: told("web.dish.room") },
  { value: "fridge", label: told("web.ui.fridge") },
  { value: "frozen", label: told("web.dish.frozen") },
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
            title={told("web.dish.in-the-oven", minutes(bake.ovenMinutes))}
            aside={bake.recipeMinutes ? told("web.dish.the-recipe-said", minutes(bake.recipeMinutes)) : undefined}
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
          <Card title={told("web.dish.it-is-done-when")}>
            <ul className="list-disc space-y-1 pl-5">
              {bake.signs.map((s) => (
                <li key={s}>{s}</li>
              ))}
            </ul>
          </Card>
          <Card title={told("web.dish.how-it-goes-in")}>
            <div className="flex flex-col gap-4">
              <PickOne
                label={told("web.dish.start-from")}
                value={bake.start}
                options={STARTS}
                onPick={(start) => edit({ oven: { ...oven, start } })}
              />
              <div className="flex flex-wrap items-end gap-4">
                <NumberField
                  label={told("web.dish.dial")}
                  unit="°C"
                  optional
                  min={100}
                  max={290}
                  value={oven.celsius ?? null}
                  onValue={(celsius) => edit({ oven: { ...oven, celsius: celsius ?? undefined } })}
                />
                <PickOne
                  label={told("web.ui.oven")}
                  value={oven.fan ? "fan" : "plain"}
                  onPick={(v) => edit({ oven: { ...oven, fan: v === "fan" } })}
                  options={[
                    { value: "plain", label: told("web.ui.top-and-bottom-heat") },
                    { value: "fan", label: told("web.ui.fan") },
                  ]}
                />
              </div>
              <div className="flex flex-wrap items-end gap-4">
                <NumberField
                  label={told("web.dish.hotter-than-its-dial-by")}
                  unit="°C"
                  min={-40}
                  max={40}
                  value={oven.offsetCelsius ?? 0}
                  onValue={(v) => edit({ oven: { ...oven, offsetCelsius: v ?? 0 } })}
                />
                <PickOne
                  label={told("web.dish.oven-when-it-goes-in")}
                  value={oven.preheated === false ? "cold" : "hot"}
                  onPick={(v) => edit({ oven: { ...oven, preheated: v === "hot" } })}
                  options={[
                    { value: "hot", label: told("web.dish.heated-first") },
                    { value: "cold", label: told("web.dish.cold-oven") },
                  ]}
                />
                <PickOne
                  label={told("web.ui.shelf")}
                  value={oven.topShelf ? "top" : "middle"}
                  onPick={(v) => edit({ oven: { ...oven, topShelf: v === "top" } })}
                  options={[
                    { value: "middle", label: told("web.dish.middle") },
                    { value: "top", label: told("web.dish.top-shelf") },
                  ]}
                />
              </div>
              <p className="text-sm text-faded">{told("web.dish.leave-the-dial-empty-for-the")}</p>
            </div>
          </Card>
          <Card title={told("web.dish.take-care")}>
            <Cautions cautions={plan.cautions.filter((c) => c.kind !== "label")} />
            {plan.cautions.some((c) => c.kind === "label") && (
              <p className="mt-3">{told("web.dish.the-labels-to-read-stand-at")}</p>
            )}
          </Card>
        </>
      }
      second={
        <>
          {bake.forecast && (
            <Card title={told("web.dish.heat-and-water-on-the-way")} aside={told("web.dish.forecast-with-its-band")}>
              <Curves forecast={bake.forecast} phases={bake.phases} core={bake.coreCelsius ?? null} />
              <p className="mt-2">{bake.carryOver.words}</p>
              <HeatPicture forecast={bake.forecast} />
            </Card>
          )}
          <Card title={told("web.dish.what-drives-the-time")}>
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
    [told("web.ui.oven"), `${5 * Math.round(oven.celsius / 5)} °C`],
    [told("web.ui.fan"), `${Math.round(oven.fanCelsius)} °C`],
    [told("web.dish.fahrenheit"), `${Math.round(oven.fahrenheit)} °F`],
    [told("web.dish.gas"), told("web.dish.mark", oven.gasMark)],
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
