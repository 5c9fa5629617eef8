import type { Phase } from "../../api";
import { told } from "../../messages";
import { dial, minutes } from "../../ui";

/** The recipe's own words where it lasts just as the recipe says. */
export function lasts(phase: Phase): string {
  return phase.asSaid && phase.said ? phase.said : minutes(phase.minutes);
}

const KINDS = {
  covered: { name: told("web.dish.covered"), look: "bg-rim text-on-rim" },
  open: { name: told("web.dish.open"), look: "bg-warm-soft text-warm border-2 border-warm" },
  grill: { name: told("web.dish.grill"), look: "bg-danger-soft text-danger border-2 border-danger" },
  rest: { name: told("web.dish.rest"), look: "bg-enamel text-ink border-2 border-dashed border-line" },
};

function kindOf(phase: Phase) {
  if (phase.kind === "rest" || phase.kind === "grill") return KINDS[phase.kind];
  return phase.covered ? KINDS.covered : KINDS.open;
}

/** The phases one after another, as long as they last. */
export function PhaseStrip({ phases }: { phases: readonly Phase[] }) {
  let clock = 0;
  return (
    <ol className="flex flex-col gap-2 sm:flex-row sm:flex-wrap sm:gap-x-1">
      {phases.map((phase, i) => {
        const from = clock;
        clock += phase.minutes;
        const { name, look } = kindOf(phase);
        return (
          <li key={`${i}-${phase.kind}`} className="min-w-0" style={{ flexGrow: phase.minutes, flexBasis: "9rem" }}>
            <div className={`rounded-lg px-3 py-2 ${look}`}>
              <p className="font-bold">
                {name} {lasts(phase)}
              </p>
              <p className="text-sm">
                {told("web.dish.from", phase.celsius ? `${dial(phase.celsius)}, ` : "", minutes(from))}
              </p>
            </div>
            {(phase.adds.length > 0 || phase.stir) && (
              <p className="mt-1 pr-2 text-sm font-medium">
                {phase.adds.length > 0 && told("web.dish.now-on", phase.adds.join(", ").toLowerCase())}
                {phase.stir && told("web.dish.stir-once-within-it")}
              </p>
            )}
            <p className="mt-1 pr-2 text-sm text-faded">{phase.reason}</p>
          </li>
        );
      })}
    </ol>
  );
}
