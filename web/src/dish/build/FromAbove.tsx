import { useId } from "react";
import type { Laid, Piece } from "../../api";
import { told } from "../../messages";

const RIM = 9;
const MOST_NUMBERED = 30;

/** One layer seen from above, to scale: whole pieces ruled one way, snapped ones hatched, each with its number. */
export function FromAbove({ laid }: { laid: Laid }) {
  const id = useId().replace(/[^\w-]/g, "");
  const wide = laid.lengthMm + 2 * RIM;
  const tall = laid.widthMm + 2 * RIM;
  return (
    <figure className="m-0">
      <svg
        viewBox={`${-RIM} ${-RIM} ${wide} ${tall}`}
        role="img"
        aria-label={told("web.dish.from-above-pieces", laid.item, laid.pieces.length, laid.words)}
        className="mx-auto block max-h-[26rem] w-full max-w-2xl"
      >
        <defs>
          <pattern id={`${id}-whole`} width="9" height="9" patternUnits="userSpaceOnUse">
            <rect width="9" height="9" fill="#f3e3bd" />
            <path d="M0 4.500h9" stroke="#d6b878" strokeWidth="1" />
          </pattern>
          <pattern
            id={`${id}-snapped`}
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width="7" height="7" fill="#f7eed8" />
            <path d="M0 0v7" stroke="#a7772b" strokeWidth="1.200" />
          </pattern>
        </defs>
        {laid.round ? (
          <ellipse
            cx={laid.lengthMm / 2}
            cy={laid.widthMm / 2}
            rx={laid.lengthMm / 2 + RIM / 2}
            ry={laid.widthMm / 2 + RIM / 2}
            className="fill-enamel stroke-rim"
            strokeWidth={RIM}
          />
        ) : (
          <rect
            x={-RIM / 2}
            y={-RIM / 2}
            width={laid.lengthMm + RIM}
            height={laid.widthMm + RIM}
            rx="12"
            className="fill-enamel stroke-rim"
            strokeWidth={RIM}
          />
        )}
        {laid.pieces.map((p, i) => (
          <OnePiece key={`${p.x}-${p.y}-${i}`} piece={p} fill={`url(#${id}-${p.whole ? "whole" : "snapped"})`} />
        ))}
        {laid.pieces.length <= MOST_NUMBERED &&
          laid.pieces.map((p, i) => <Numbered key={`${p.x}-${p.y}-${i}`} piece={p} label={String(i + 1)} />)}
      </svg>
      <figcaption className="mt-2">
        <p>{laid.words}</p>
        {laid.kind === "sheets" && (
          <p className="text-sm text-faded">{told("web.dish.ruled-whole-hatched-snapped-off-cuts")}</p>
        )}
        <details className="mt-1 text-sm">
          <summary className="cursor-pointer font-semibold text-rim">{told("web.dish.piece-by-piece")}</summary>
          <ol className="mt-1 list-decimal pl-6 sm:columns-2">
            {laid.pieces.map((p, i) => (
              <li key={`${i}-${p.x}`}>{words(p)}</li>
            ))}
          </ol>
        </details>
      </figcaption>
    </figure>
  );
}

function OnePiece({ piece, fill }: { piece: Piece; fill: string }) {
  const look = { fill, stroke: "#6d4a12", strokeWidth: 1.2 };
  return piece.corners.length === 0 ? (
    <circle
      cx={piece.x + piece.widthMm / 2}
      cy={piece.y + piece.heightMm / 2}
      r={piece.widthMm / 2}
      {...look}
      fillOpacity="0.85"
    />
  ) : (
    <polygon points={piece.corners.map((c) => `${c.x.toFixed(1)},${c.y.toFixed(1)}`).join(" ")} {...look} />
  );
}

function Numbered({ piece, label }: { piece: Piece; label: string }) {
  const cx = piece.x + piece.widthMm / 2;
  const cy = piece.y + piece.heightMm / 2;
  return (
    <g>
      <circle cx={cx} cy={cy} r="9.500" fill="#fffaf0" stroke="#6d4a12" strokeWidth="0.600" />
      <text x={cx} y={cy + 4.5} textAnchor="middle" fontSize="13" fontWeight="700" fill="#3d2a08">
        {label}
      </text>
    </g>
  );
}

function words(p: Piece): string {
  const size = told("web.dish.mm", Math.round(p.widthMm), Math.round(p.heightMm));
  const place = told("web.dish.mm-from-the-left-mm-from", Math.round(p.x), Math.round(p.y));
  const from = p.sheet > 0 ? told("web.dish.from-sheet", p.sheet) : "";
  return told("web.dish.whole", Boolean(p.whole), size, from, place);
}
