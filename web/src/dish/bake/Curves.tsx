import { ticks } from "d3-array";
import { area, line } from "d3-shape";
import { useId } from "react";
import type { Forecast, Phase } from "../../api";
import { told } from "../../messages";

const WIDE = 680;
const LEFT = 40;
const RIGHT = 92;
const HEAT = 250;
const GAP = 26;
const WATER = 62;
const TALL = HEAT + GAP + WATER + 26;

/** Core with its band, edge and top over time, the water that is left below; each line has its name at its end and its own stroke. */
export function Curves({
  forecast: f,
  phases,
  core,
}: {
  forecast: Forecast;
  phases: readonly Phase[];
  core: number | null;
}) {
  const id = useId().replace(/[^\w-]/g, "");
  const end = f.minutes[f.minutes.length - 1];
  const x = linear([0, end], [LEFT, WIDE - RIGHT]);
  const hottest = Math.max(130, ...f.top.map((t) => Math.min(t, 220)));
  const coldest = Math.min(0, ...f.core);
  const y = linear([coldest, hottest], [HEAT, 8]);
  const lowestWater = Math.min(0.9, ...f.water);
  const w = linear([lowestWater, 1], [HEAT + GAP + WATER, HEAT + GAP]);
  const hottestCore = hottestAt(f, phases);
  const path = (values: readonly number[], of: (v: number) => number) =>
    line<number>()
      .x((_, i) => x(f.minutes[i]))
      .y((v) => of(v))([...values]) ?? "";
  const band =
    area<number>()
      .x((_, i) => x(f.minutes[i]))
      .y0((_, i) => y(f.coreLow[i]))
      .y1((_, i) => y(f.coreHigh[i]))(f.minutes.slice(0, hottestCore + 1)) ?? "";
  const last = f.minutes.length - 1;
  const lines = [
    { name: "top", values: f.top, look: "stroke-warm", dash: "2 3" },
    { name: "edge", values: f.edge, look: "stroke-faded", dash: "8 4" },
    { name: "middle", values: f.middle, look: "stroke-rim", dash: "1 4" },
    { name: "coldest", values: f.core.slice(0, hottestCore + 1), look: "stroke-rim", dash: undefined },
  ];
  const ends = apart(
    lines.map((l) => y(Math.min(l.values[l.values.length - 1], hottest))),
    15,
  );
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${TALL}`}
      className="block w-full"
      role="img"
      aria-label={words(f, phases, core)}
      fontSize="12"
    >
      <PhaseBands phases={phases} x={x} />
      {ticks(coldest, hottest, 6).map((t) => (
        <g key={t}>
          <line x1={LEFT} x2={WIDE - RIGHT} y1={y(t)} y2={y(t)} className="stroke-line" strokeWidth="0.700" />
          <text x={LEFT - 6} y={y(t) + 4} textAnchor="end" className="fill-faded">
            {t}°
          </text>
        </g>
      ))}
      {core !== null && (
        <g>
          <line x1={LEFT} x2={WIDE - RIGHT} y1={y(core)} y2={y(core)} className="stroke-danger" strokeWidth="1.200" />
          <text x={LEFT + 4} y={y(core) - 4} className="fill-danger" fontWeight="600">
            {told("web.dish.safe-core", Math.round(core))}
          </text>
        </g>
      )}
      <defs>
        <pattern id={`${id}-band`} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0v5" className="stroke-rim" strokeWidth="0.900" opacity="0.600" />
        </pattern>
      </defs>
      <path d={band} fill={`url(#${id}-band)`} />
      {lines.map((l, i) => (
        <g key={l.name}>
          <path
            d={path(
              l.values.map((v) => Math.min(v, hottest)),
              y,
            )}
            fill="none"
            className={l.look}
            strokeWidth="2.600"
            strokeDasharray={l.dash}
          />
          <text x={WIDE - RIGHT + 6} y={ends[i] + 4} className="fill-ink" fontWeight="600">
            {told("web.dish.curve", l.name)} {Math.round(l.values[l.values.length - 1])}°
          </text>
        </g>
      ))}
      <line x1={LEFT} x2={WIDE - RIGHT} y1={w(1)} y2={w(1)} className="stroke-line" strokeWidth="0.700" />
      <path
        d={path(f.water, w)}
        fill="none"
        className="stroke-rim"
        strokeWidth="2.200"
        strokeDasharray="1 3"
        strokeLinecap="round"
      />
      <text x={LEFT - 6} y={w(1) + 4} textAnchor="end" className="fill-faded">
        100 %
      </text>
      <text x={WIDE - RIGHT + 6} y={w(f.water[last]) + 4} className="fill-ink" fontWeight="600">
        {told("web.dish.water-left", Math.round(100 * f.water[last]))}
      </text>
      {ticks(0, end, 8).map((t) => (
        <text key={t} x={x(t)} y={TALL - 4} textAnchor="middle" className="fill-faded">
          {t === 0 ? told("web.dish.min") : t}
        </text>
      ))}
    </svg>
  );
}

/** Where on the paper a figure of the range lies. */
function linear([from, to]: [number, number], [start, end]: [number, number]) {
  return (value: number) => start + ((value - from) / (to - from)) * (end - start);
}

/** Where each phase runs, named at its head. */
function PhaseBands({ phases, x }: { phases: readonly Phase[]; x: (minutes: number) => number }) {
  let clock = 0;
  return (
    <g>
      {phases.map((p, i) => {
        const from = clock;
        clock += p.minutes;
        const how = p.covered ? "covered" : p.kind;
        const name = told("web.dish.phase", how);
        return (
          <g key={`${i}-${name}`}>
            <rect
              x={x(from)}
              y="0"
              width={Math.max(0, x(clock) - x(from))}
              height={TALL - 20}
              className={how === "covered" ? "fill-rim-soft" : how === "rest" ? "fill-enamel" : "fill-warm-soft"}
              opacity="0.550"
            />
            {p.minutes >= 8 && (
              <text x={x(from) + 4} y={HEAT + 14} className="fill-faded">
                {name}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** Where the coldest point is hottest as the dish rests: after that its surface cools, which tells nothing of its middle. */
function hottestAt(f: Forecast, phases: readonly Phase[]): number {
  const out = phases.filter((p) => p.kind !== "rest").reduce((sum, p) => sum + p.minutes, 0);
  let at = f.minutes.findIndex((m) => m >= out);
  if (at < 0) return f.core.length - 1;
  while (at + 1 < f.core.length && f.core[at + 1] > f.core[at]) at++;
  return at;
}

function apart(wanted: readonly number[], gap: number): number[] {
  const order = wanted.map((at, i) => ({ at, i })).sort((a, b) => a.at - b.at);
  for (let k = 1; k < order.length; k++) order[k].at = Math.max(order[k].at, order[k - 1].at + gap);
  const out: number[] = [];
  for (const o of order) out[o.i] = o.at;
  return out;
}

function words(f: Forecast, phases: readonly Phase[], core: number | null): string {
  const out = phases.filter((p) => p.kind === "bake").reduce((sum, p) => sum + p.minutes, 0);
  const at = Math.min(out, f.core.length - 1);
  const safe = core === null ? "" : told("web.dish.the-safe-core-is-degrees", Math.round(core));
  return told(
    "web.dish.forecast-after-minutes-the-coldest-point",
    out,
    Math.round(f.core[at]),
    Math.round(f.coreLow[at]),
    Math.round(f.coreHigh[at]),
    Math.round(f.edge[at]),
    Math.round(f.top[at]),
    Math.round(100 * f.water[at]),
    safe,
  );
}
