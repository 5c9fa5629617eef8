import type { Correction, OvenPhase, Procedure } from "../../../api";
import { told } from "../../../messages";
import { dial } from "../../../ui";

interface Props {
  procedure: Procedure;
  onCorrect: (correction: Correction) => void;
}

/** The bake as the text says it, phase by phase. */
export function BakeList({ procedure, onCorrect }: Props) {
  if (procedure.oven.length === 0) return null;
  return (
    <section aria-label={told("web.dish.the-bake-as-the-text-says")}>
      <h3 className="mb-1 text-sm font-bold text-rim">{told("web.dish.the-bake-as-the-text-says")}</h3>
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
                {told("web.dish.covered-phase")}
              </label>
            )}
          </li>
        ))}
      </ol>
      {procedure.rest && (
        <p className="text-sm text-faded">{told("web.dish.then-it-stands", minutes(procedure.rest))}</p>
      )}
      {procedure.goesIn && <p className="text-sm text-faded">{WARMTH[procedure.goesIn]}</p>}
    </section>
  );
}

const WARMTH: Record<NonNullable<Procedure["goesIn"]>, string> = {
  hot: told("web.dish.it-goes-into-the-oven-hot"),
  room: told("web.dish.it-goes-into-the-oven-cooled"),
  fridge: told("web.dish.it-goes-into-the-oven-from"),
  frozen: told("web.dish.it-goes-into-the-oven-frozen"),
};

function minutes({ min, max }: { min: number; max: number }): string {
  return min === max ? told("web.dish.minutes", min) : told("web.dish.to-minutes", min, max);
}

function phaseWords(phase: OvenPhase): string {
  const time = phase.minutes ? minutes(phase.minutes) : told("web.dish.some-minutes");
  if (phase.kind === "grill") return told("web.dish.grill-for", time);
  const heat = phase.celsius == null ? "" : told("web.dish.at-fan", dial(phase.celsius), Boolean(phase.fan));
  return told("web.dish.bake-stirred", heat, time, Boolean(phase.stir));
}
