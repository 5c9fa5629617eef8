import { useId } from "react";
import type { WaterBudget } from "../../api";
import { told } from "../../messages";
import { grams } from "../../ui";

const WIDE = 460;
const LEFT = 128;
const RIGHT = 58;
const ROW = 26;

/** The water as steps from what is free at the start to what is left, the wanted band behind the last. Its text stands in it. */
export function WaterPicture({ water }: { water: WaterBudget }) {
  const id = useId().replace(/[^\w-]/g, "");
  const start = water.freeGrams + water.givenOffGrams;
  const rows = [
    { name: told("web.dish.free-at-the-start"), from: 0, to: water.freeGrams },
    { name: told("web.dish.given-off"), from: water.freeGrams, to: start },
    { name: told("web.dish.out-of-soft-layers"), from: start, to: start + water.unboundGrams },
    {
      name: told("web.dish.drunk-in-the-dish"),
      from: start + water.unboundGrams,
      to: start + water.unboundGrams - water.takenUpGrams,
    },
    { name: told("web.dish.off-as-steam"), from: water.endGrams + water.lostGrams, to: water.endGrams },
    { name: told("web.dish.left-at-the-end"), from: 0, to: water.endGrams },
  ];
  const low = Math.min(0, water.lowGrams, ...rows.map((r) => r.to));
  const high = Math.max(water.highGrams, ...rows.map((r) => r.to), 1);
  const x = (g: number) => LEFT + ((g - low) / (high - low)) * (WIDE - LEFT - RIGHT);
  const tall = rows.length * ROW + 16;
  const last = rows.length - 1;
  const end = last * ROW;
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${tall}`}
      className="mt-2 block w-full max-w-2xl"
      role="img"
      aria-label={told(
        "web.dish.water-wanted-at-the-end-to",
        rows.map((r) => `${r.name} ${grams(Math.abs(r.to - r.from))}`).join(", "),
        grams(water.lowGrams),
        grams(water.highGrams),
      )}
    >
      <defs>
        <pattern id={`${id}-drops`} width="6" height="6" patternUnits="userSpaceOnUse">
          <path d="M1.500 1.500h.8M4.500 4.500h.8" className="stroke-sheet" strokeWidth="1.200" strokeLinecap="round" />
        </pattern>
        <pattern id={`${id}-off`} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0v5" className="stroke-rim" strokeWidth="1.600" />
        </pattern>
      </defs>
      <rect
        x={x(water.lowGrams)}
        y={end + 1}
        width={Math.max(2, x(water.highGrams) - x(water.lowGrams))}
        height={ROW - 4}
        className="fill-rim-soft"
      />
      <text
        x={(x(water.lowGrams) + x(water.highGrams)) / 2}
        y={tall - 3}
        textAnchor="middle"
        fontSize="11"
        className="fill-faded"
      >
        {told("web.dish.wanted-mark")}
      </text>
      <line x1={x(0)} x2={x(0)} y1="0" y2={end + ROW} className="stroke-line" />
      {rows.map((r, i) => {
        const a = x(Math.min(r.from, r.to));
        const b = x(Math.max(r.from, r.to));
        const off = r.to < r.from;
        return (
          <g key={r.name}>
            <text
              x={LEFT - 8}
              y={i * ROW + 16}
              textAnchor="end"
              fontSize="12.500"
              className={i === last ? "fill-ink" : "fill-faded"}
              fontWeight={i === last ? 700 : 400}
            >
              {r.name}
            </text>
            <rect
              x={a}
              y={i * ROW + 4}
              width={Math.max(1.5, b - a)}
              height={ROW - 10}
              rx="2"
              fill={off && i < last ? `url(#${id}-off)` : undefined}
              className={
                off && i < last
                  ? "stroke-rim"
                  : i === last && (r.to < water.lowGrams || r.to > water.highGrams)
                    ? "fill-warm"
                    : "fill-rim"
              }
            />
            {!off && (
              <rect
                x={a}
                y={i * ROW + 4}
                width={Math.max(0, b - a)}
                height={ROW - 10}
                rx="2"
                fill={`url(#${id}-drops)`}
              />
            )}
            <text x={b + 6} y={i * ROW + 16} fontSize="12.500" className="fill-ink">
              {off ? "−" : ""}
              {grams(Math.abs(r.to - r.from))}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
