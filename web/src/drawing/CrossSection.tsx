import { useId } from "react";
import type { Build } from "../api";
import { told } from "../messages";
import { grams } from "../ui";
import { inWords, place, spread } from "./stack";
import { Textures, textureId } from "./Textures";

const WALL = 4;
const RIM = 7;
const SHOWN = 72;
const LABELS = 88;
const LABEL_GAP = 5.6;
const LABEL_SIZE = 4.3;
const FREE_ABOVE = 12;
const EDGE = 3;
const LINE = 6.5;

/** A cut through the dish, one scale for height and width; the cut shows the first 7 cm of it. */
export function CrossSection({ build, title, small = false }: { build: Build; title: string; small?: boolean }) {
  const prefix = useId().replace(/[^\w-]/g, "");
  const depth = build.pan.depthMm;
  const over = build.overflow ? Math.min(build.overflow.overMm, 26) : 0;
  const above = small ? 4 : Math.max(FREE_ABOVE, over + FREE_ABOVE + LINE);
  const labelsHigh = small ? 0 : build.layers.length * LABEL_GAP;
  const dishHigh = depth + above + WALL + EDGE;
  const tall = Math.max(dishHigh, labelsHigh + EDGE);
  const base = tall - WALL - EDGE - (tall - dishHigh) / 2;
  const wide = RIM + WALL + SHOWN + (small ? 2 : LABELS);
  const words = inWords(build);
  return (
    <figure className="m-0">
      <svg
        viewBox={`0 0 ${wide} ${tall}`}
        role="img"
        aria-label={told("web.ui.cut-through-layers", title, words.length - 1, words[words.length - 1])}
        className="block h-auto w-full"
        preserveAspectRatio={small ? "xMidYMax meet" : undefined}
      >
        <Textures prefix={prefix} />
        <Stack build={build} base={base} prefix={prefix} />
        {build.overflow && <Spill build={build} base={base} over={over} />}
        <Wall base={base} depth={depth} />
        <Break base={base} depth={depth} />
        {!small && <Ruler base={base} depth={depth} above={highest(build, over)} />}
        {!small && <Labels build={build} base={base} tall={tall} />}
      </svg>
      {!small && (
        <details className="mt-2 text-sm">
          <summary className="cursor-pointer font-semibold text-rim">{told("web.ui.in-words")}</summary>
          <ol className="mt-1 list-decimal pl-5">
            {words.map((w, i) => (
              <li key={`${i}-${w}`}>{w}</li>
            ))}
          </ol>
        </details>
      )}
    </figure>
  );
}

const INSIDE = RIM + WALL;

/** The rim, or what is said of the spill above it. */
function highest(build: Build, over: number): number {
  return build.overflow ? Math.max(build.heightMm + over + LINE, build.pan.depthMm) : build.pan.depthMm;
}

function Stack({ build, base, prefix }: { build: Build; base: number; prefix: string }) {
  return (
    <g>
      {place(build.layers).map(({ layer, bottom, top }, i) => (
        <path
          key={`${i}-${layer.name}`}
          d={`${edge(base - bottom, i, true)} ${edge(base - top, i + 1, false)} Z`}
          fill={`url(#${textureId(prefix, layer.part)})`}
          stroke="#3b4756"
          strokeWidth="0.25"
        />
      ))}
    </g>
  );
}

/** A hand-laid edge: nearly level, never quite. */
function edge(y: number, seed: number, forward: boolean): string {
  const points: string[] = [];
  for (let k = 0; k <= 13; k++) {
    const x = INSIDE + (SHOWN * k) / 13;
    const sway = seed === 0 ? 0 : 0.35 * Math.sin(k * 1.3 + seed * 2.1);
    points.push(`${x.toFixed(2)} ${(y + sway).toFixed(2)}`);
  }
  if (!forward) points.reverse();
  return `${forward ? "M" : "L"}${points.join(" L")}`;
}

function Wall({ base, depth }: { base: number; depth: number }) {
  const right = INSIDE + SHOWN;
  return (
    <path
      d={`M${right} ${base}H${INSIDE + 3}Q${INSIDE} ${base} ${INSIDE} ${base - 3}V${base - depth}H${RIM - 5}V${base - depth + 3}H${RIM}V${base - 4}Q${RIM} ${base + WALL} ${RIM + 8} ${base + WALL}H${right}Z`}
      className="fill-rim"
    />
  );
}

function Break({ base, depth }: { base: number; depth: number }) {
  const right = INSIDE + SHOWN;
  const teeth = 8;
  const step = (depth + WALL + 4) / teeth;
  let d = `M${right - 1} ${base - depth - 3}`;
  for (let i = 0; i < teeth; i++) d += `l${i % 2 ? 2 : -2} ${step.toFixed(2)}`;
  return (
    <g>
      <path d={`${d}H${right + 2}V${base - depth - 3}Z`} className="fill-sheet" />
      <path d={d} fill="none" className="stroke-faded" strokeWidth="0.35" />
    </g>
  );
}

function Spill({ build, base, over }: { build: Build; base: number; over: number }) {
  const top = base - build.heightMm;
  return (
    <g>
      <path
        d={`M${INSIDE} ${top}V${base - build.pan.depthMm - 1}Q${RIM - 8} ${base - build.pan.depthMm - 2} ${RIM - 6} ${base - build.pan.depthMm + 8}L${RIM - 6.5} ${top - over + 6}Q${INSIDE + 20} ${top - over} ${INSIDE + SHOWN} ${top - over}V${top}Z`}
        className="fill-danger-soft stroke-danger"
        strokeWidth="0.6"
        strokeDasharray="2 1.2"
      />
      <text
        x={INSIDE + SHOWN - 4}
        y={top - over - 1.5}
        textAnchor="end"
        fontSize="5"
        className="fill-danger"
        fontWeight="700"
      >
        {told("web.ui.too-much", grams(build.overflow?.grams ?? 0))}
      </text>
    </g>
  );
}

/** @param above how high anything stands, so that no word lies on it */
function Ruler({ base, depth, above }: { base: number; depth: number; above: number }) {
  const line = base - depth + 10;
  return (
    <g fontSize="4" className="fill-faded">
      <path d={`M${INSIDE} ${line}h${SHOWN - 2}`} className="stroke-rim" strokeWidth="0.4" strokeDasharray="1.5 1.5" />
      <text x={INSIDE + 2} y={line - 1.4} className="fill-rim">
        {told("web.ui.fill-line")}
      </text>
      <text x={INSIDE + 2} y={base - above - 3}>
        {told("web.ui.mm-deep-inside-to-scale", depth)}
      </text>
    </g>
  );
}

function Labels({ build, base, tall }: { build: Build; base: number; tall: number }) {
  const placed = place(build.layers);
  const middles = placed.map((p) => base - (p.bottom + p.top) / 2);
  const at = spread([...middles].reverse(), LABEL_GAP, EDGE, tall - EDGE).reverse();
  const x = INSIDE + SHOWN;
  return (
    <g fontSize={LABEL_SIZE}>
      {placed.map((p, i) => (
        <g key={`${i}-${p.layer.name}`}>
          <path
            d={`M${x + 1} ${middles[i]}h2L${x + 12} ${at[i]}h2`}
            fill="none"
            className="stroke-faded"
            strokeWidth="0.3"
          />
          <text x={x + 15} y={at[i] + LABEL_SIZE * 0.34} className="fill-ink">
            {shorten(p.layer.name)} <tspan className="fill-faded">{grams(p.layer.grams)}</tspan>
          </text>
        </g>
      ))}
    </g>
  );
}

function shorten(name: string): string {
  const main = name.split(",")[0];
  return main.length <= 26 ? main : `${main.slice(0, 25).trimEnd()}…`;
}
