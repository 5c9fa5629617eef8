import type { SaltBudget } from "../../api";
import { told } from "../../messages";
import { Card } from "../../ui";

const WIDE = 460;
const MOST = 2;

/** Salt so far on a line from none to 2 %, with the band where a bake tastes right. */
export function SaltCard({ salt }: { salt: SaltBudget }) {
  const x = (percent: number) => 10 + (Math.min(MOST, percent) / MOST) * (WIDE - 20);
  const words = told(
    "web.dish.so-far-right-is-to",
    salt.percent.toFixed(2),
    salt.grams.toFixed(1),
    salt.lowPercent,
    salt.highPercent,
  );
  return (
    <Card title={told("web.dish.salt")} aside={told("web.dish.before-you-add-any", salt.grams.toFixed(1))}>
      <p>{salt.words}</p>
      <svg viewBox={`0 0 ${WIDE} 44`} className="mt-2 block w-full max-w-2xl" role="img" aria-label={words}>
        <rect x={x(0)} y="16" width={x(MOST) - x(0)} height="8" rx="4" className="fill-line" />
        <rect
          x={x(salt.lowPercent)}
          y="12"
          width={x(salt.highPercent) - x(salt.lowPercent)}
          height="16"
          rx="3"
          className="fill-rim-soft stroke-rim"
        />
        <path
          d={`M${x(salt.percent)} 28l-6 8h12z`}
          className={salt.percent > salt.highPercent ? "fill-warm" : "fill-rim"}
        />
        <line
          x1={x(salt.percent)}
          x2={x(salt.percent)}
          y1="10"
          y2="30"
          className={salt.percent > salt.highPercent ? "stroke-warm" : "stroke-rim"}
          strokeWidth="3"
        />
        <text x={x(salt.lowPercent)} y="9" fontSize="11" textAnchor="middle" className="fill-faded">
          {salt.lowPercent} %
        </text>
        <text x={x(salt.highPercent)} y="9" fontSize="11" textAnchor="middle" className="fill-faded">
          {salt.highPercent} %
        </text>
        <text x={Math.min(WIDE - 40, x(salt.percent) + 10)} y="41" fontSize="12" fontWeight="700" className="fill-ink">
          {salt.percent.toFixed(2)} %
        </text>
      </svg>
      {salt.sources.length > 0 && (
        <p className="mt-1 text-sm text-faded">
          {told(
            "web.dish.from-salt-to-taste-is-yours",
            salt.sources
              .slice(0, 6)
              .map((s) => `${s.item} ${s.grams.toFixed(1)} g`)
              .join(", "),
          )}
        </p>
      )}
    </Card>
  );
}
