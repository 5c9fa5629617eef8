import { useQuery } from "@tanstack/react-query";
import { type WhatIf as Answer, api, type Brief, type Plan } from "../../api";
import { told } from "../../messages";
import { Button, minutes } from "../../ui";
import type { StopProps } from "../stopProps";

interface Case {
  name: string;
  change: (plan: Plan, brief: Brief) => Partial<Brief>;
  holds: (plan: Plan) => boolean;
  /** Asks for less room: nothing to ask of a dish that is too full already. */
  smaller?: true;
}

const CASES: readonly Case[] = [
  {
    name: told("web.dish.at-room-temperature"),
    change: (_, b) => ({ oven: { ...b.oven, start: "room" } }),
    holds: (p) => p.bake.start === "room",
  },
  {
    name: told("web.dish.from-the-fridge"),
    change: (_, b) => ({ oven: { ...b.oven, start: "fridge" } }),
    holds: (p) => p.bake.start === "fridge",
  },
  {
    name: told("web.dish.frozen"),
    change: (_, b) => ({ oven: { ...b.oven, start: "frozen" } }),
    holds: (p) => p.bake.start === "frozen",
  },
  {
    name: told("web.dish.built-hot"),
    change: (_, b) => ({ oven: { ...b.oven, start: "hot" } }),
    holds: (p) => p.bake.start === "hot",
  },
  {
    name: told("web.dish.in-glass"),
    change: (p) => ({ pan: { ...panOf(p), material: "glass" } }),
    holds: (p) => p.build.pan.material === "glass",
  },
  {
    name: told("web.dish.in-thin-metal"),
    change: (p) => ({ pan: { ...panOf(p), material: "metal" } }),
    holds: (p) => p.build.pan.material === "metal",
  },
  {
    name: told("web.dish.in-a-pan-a-fifth-narrower"),
    smaller: true,
    change: (p) => ({
      pan: {
        ...panOf(p),
        lengthMm: smaller(p.build.pan.lengthMm),
        widthMm: smaller(p.build.pan.widthMm),
        diameterMm: smaller(p.build.pan.lengthMm),
        baseLengthMm: undefined,
        baseWidthMm: undefined,
      },
    }),
    holds: () => false,
  },
  {
    name: told("web.dish.oven-15-cooler-than-its-dial"),
    change: (_, b) => ({ oven: { ...b.oven, offsetCelsius: (b.oven?.offsetCelsius ?? 0) - 15 } }),
    holds: () => false,
  },
];

function panOf({ build: { pan } }: Plan): NonNullable<Brief["pan"]> {
  return { ...pan, diameterMm: pan.lengthMm };
}

function smaller(mm: number): number {
  return Math.max(80, Math.round(mm * 0.9));
}

/** Each "what if" as minutes more or less; one touch makes it so. */
export function WhatIf({ plan, brief, edit }: Pick<StopProps, "plan" | "brief" | "edit">) {
  const cases = CASES.filter((c) => !c.holds(plan) && !(c.smaller && plan.build.overflow));
  const { notes: _notes, title: _title, ...asked } = brief;
  const own = { ...asked.oven, phases: undefined };
  const now: Brief = { ...asked, oven: own };
  const briefs = [now, ...cases.map((c) => ({ ...now, ...c.change(plan, now) }))];
  const answers = useQuery({
    queryKey: ["what-if", briefs],
    queryFn: ({ signal }) => api.whatIf(briefs, signal),
    staleTime: 60_000,
  });
  return (
    <div className="mt-4 border-t border-line pt-3">
      <p className="mb-2 font-semibold">{told("web.dish.what-if")}</p>
      <ul className="grid gap-1.5">
        {cases.map((c, i) => (
          <li key={c.name} className="flex items-center min-h-9 justify-between gap-2 rounded-lg bg-enamel px-3 py-0.5">
            <span>
              {c.name}: <strong>{difference(answers.data?.[0], answers.data?.[i + 1])}</strong>
            </span>
            {!answers.data?.[i + 1]?.overflow && (
              <Button
                look="quiet"
                className="min-h-8 shrink-0 py-0.5 text-sm whitespace-nowrap"
                aria-label={told("web.dish.make-it-so", c.name)}
                onClick={() => edit(c.change(plan, brief))}
              >
                {told("web.dish.make-it-so-button")}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}

function difference(now: Answer | undefined, then: Answer | undefined): string {
  if (!now || !then) return "…";
  if (then.overflow && !now.overflow) return told("web.dish.it-would-not-all-go-in");
  const more = then.ovenMinutes - now.ovenMinutes;
  return more === 0 ? told("web.dish.no-difference") : told("web.dish.more-or-less", more > 0, minutes(Math.abs(more)));
}
