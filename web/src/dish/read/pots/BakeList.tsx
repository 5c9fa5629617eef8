import type { Correction, OvenPhase, Procedure } from "../../../api";
import { dial } from "../../../ui";

interface Props {
  procedure: Procedure;
  onCorrect: (correction: Correction) => void;
}

/** The bake as the text says it, phase by phase. */
export function BakeList({ procedure, onCorrect }: Props) {
  if (procedure.oven.length === 0) return null;
  return (
    <section aria-label="The bake as the text says">
      <h3 className="mb-1 text-sm font-bold text-rim">The bake as the text says</h3>
      <ol className="divide-y divide-line">
        {procedure.oven.map((phase, i) => (
          <li key={`${i}-${phase.kind}`} className="flex items-center justify-between gap-x-3 py-1">
            <span>{phaseWords(phase)}</span>
            {phase.kind === "bake" && (
              <label className="flex min-h-10 shrink-0 items-center gap-2 text-sm">
                <input
                  type="checkbox"
                  className="size-5 accent-(--rim)"
                  checked={phase.covered}
                  onChange={(e) => onCorrect({ kind: "cover", index: i, covered: e.target.checked })}
                />
                covered
              </label>
            )}
          </li>
        ))}
      </ol>
      {procedure.rest && <p className="text-sm text-faded">Then it stands {minutes(procedure.rest)}.</p>}
      {procedure.goesIn && <p className="text-sm text-faded">{WARMTH[procedure.goesIn]}</p>}
    </section>
  );
}

const WARMTH: Record<NonNullable<Procedure["goesIn"]>, string> = {
  hot: "It goes into the oven hot.",
  room: "It goes into the oven cooled.",
  fridge: "It goes into the oven from the fridge.",
  frozen: "It goes into the oven frozen.",
};

function minutes({ min, max }: { min: number; max: number }): string {
  return min === max ? `${min} minutes` : `${min} to ${max} minutes`;
}

function phaseWords(phase: OvenPhase): string {
  const time = phase.minutes ? minutes(phase.minutes) : "some minutes";
  if (phase.kind === "grill") return `Grill, ${time}`;
  const heat = phase.celsius == null ? "" : ` at ${dial(phase.celsius)}${phase.fan ? " fan" : ""}`;
  return `Bake${heat}, ${time}${phase.stir ? ", stirred" : ""}`;
}
