import { Slider } from "radix-ui";
import { useState } from "react";
import type { Forecast } from "../../api";
import { told } from "../../messages";

const STOPS: readonly [number, string][] = [
  [-20, "#2c3e8f"],
  [5, "#4a7fc1"],
  [30, "#a9cfe0"],
  [55, "#f4ecc8"],
  [75, "#f2b45c"],
  [95, "#d8612b"],
  [120, "#8c2315"],
];
const SHADES = STOPS.map(([at, hex]) => [at, rgb(hex)] as const);

/** The cut through the dish as hot as it is at one moment: the middle at left, the wall at right. A slider walks through the bake. */
export function HeatPicture({ forecast }: { forecast: Forecast }) {
  const pictures = forecast.pictures;
  const [at, setAt] = useState(Math.floor(pictures.length / 2));
  const shown = pictures[Math.min(at, pictures.length - 1)];
  if (!shown) return null;
  const rows = shown.celsius;
  const columns = rows[0].length;
  const wide = 460;
  const tall = Math.max(70, Math.min(170, (wide * forecast.heightMm) / forecast.halfWidthMm));
  const lowest = coldest(rows, forecast);
  return (
    <figure className="m-0 mt-5">
      <svg
        viewBox={`0 0 ${wide + 60} ${tall + 22}`}
        role="img"
        aria-label={told("web.dish.cross-section-after-minutes", shown.minutes, lowest)}
        className="block w-full max-w-3xl"
        fontSize="11"
      >
        {rows.map((row, z) =>
          row.map((t, x) => (
            <rect
              key={`${z}-${x}`}
              x={(x * wide) / columns}
              y={tall - ((z + 1) * tall) / rows.length}
              width={wide / columns + 0.6}
              height={tall / rows.length + 0.6}
              fill={shade(t)}
            />
          )),
        )}
        {[0.1, 0.5, 0.9].flatMap((px) =>
          [0.12, 0.5, 0.9].map((pz) => {
            const t = rows[Math.floor(pz * (rows.length - 1))][Math.floor(px * (columns - 1))];
            return (
              <g key={`${px}-${pz}`}>
                <rect x={px * wide - 17} y={tall - pz * tall - 8} width="34" height="16" rx="8" fill="#ffffffd9" />
                <text x={px * wide} y={tall - pz * tall + 4} textAnchor="middle" fill="#16202e" fontWeight="600">
                  {Math.round(t)}°
                </text>
              </g>
            );
          }),
        )}
        <path d={`M${wide + 2} 0v${tall + 3}H0`} fill="none" className="stroke-rim" strokeWidth="5" />
        <text x="2" y={tall + 17} className="fill-faded">
          {told("web.dish.middle-of-the-dish")}
        </text>
        <text x={wide} y={tall + 17} textAnchor="end" className="fill-faded">
          {told("web.dish.wall")}
        </text>
        {STOPS.map(([t, hex], i) => (
          <g key={t}>
            <rect
              x={wide + 16}
              y={tall - ((i + 1) * tall) / STOPS.length}
              width="12"
              height={tall / STOPS.length}
              fill={hex}
            />
            <text x={wide + 32} y={tall - ((i + 0.35) * tall) / STOPS.length} className="fill-faded">
              {t}°
            </text>
          </g>
        ))}
      </svg>
      <Slider.Root
        min={0}
        max={pictures.length - 1}
        step={1}
        value={[Math.min(at, pictures.length - 1)]}
        onValueChange={([v]) => setAt(v)}
        className="no-print relative mt-1 flex h-10 max-w-2xl touch-none items-center select-none"
      >
        <Slider.Track className="relative h-2 grow rounded-full bg-line">
          <Slider.Range className="absolute h-full rounded-full bg-rim" />
        </Slider.Track>
        <Slider.Thumb
          aria-label={told("web.dish.time-in-the-bake")}
          aria-valuetext={told("web.dish.minutes", shown.minutes)}
          className="block size-7 rounded-full border-4 border-rim bg-sheet shadow"
        />
      </Slider.Root>
      <figcaption>
        <strong>{told("web.dish.after-min", shown.minutes)}</strong> {lowest}
      </figcaption>
    </figure>
  );
}

function coldest(rows: readonly (readonly number[])[], f: Forecast): string {
  let low = { t: Number.POSITIVE_INFINITY, z: 0, x: 0 };
  for (const [z, row] of rows.entries()) {
    for (const [x, t] of row.entries()) {
      if (t < low.t) low = { t, z, x };
    }
  }
  const up = Math.round(((low.z + 0.5) / rows.length) * f.heightMm);
  const out = Math.round(((low.x + 0.5) / rows[0].length) * f.halfWidthMm);
  const edge = rows[Math.floor(rows.length / 2)][rows[0].length - 1];
  return told("web.dish.coldest-mm-above-the-base-and", Math.round(low.t), up, out, Math.round(edge));
}

function rgb(hex: string): [number, number, number] {
  return [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16)) as [number, number, number];
}

function shade(t: number): string {
  const upper = Math.max(
    1,
    SHADES.findIndex(([at]) => at >= t),
  );
  const [a, from] = SHADES[t > SHADES[SHADES.length - 1][0] ? SHADES.length - 2 : upper - 1];
  const [b, to] = SHADES[t > SHADES[SHADES.length - 1][0] ? SHADES.length - 1 : upper];
  const share = Math.max(0, Math.min(1, (t - a) / (b - a)));
  return `rgb(${from.map((c, i) => Math.round(c + (to[i] - c) * share)).join(",")})`;
}
