import { useState } from "react";
import type { Correction, Placement, Procedure } from "../../../api";
import { told } from "../../../messages";
import { Button, NumberField, percent } from "../../../ui";
import type { Lit } from "./flow";

interface Props {
  procedure: Procedure;
  lit: Lit;
  onPot: (id: string) => void;
  onCorrect: (correction: Correction) => void;
}

/** The dish from the top down, as it lies; shares and order are put right here. */
export function LayerList({ procedure, lit, onPot, onCorrect }: Props) {
  const [correcting, setCorrecting] = useState(false);
  const layers = procedure.layers.map((layer, at) => ({ layer, at, nth: nth(procedure.layers, at) })).reverse();
  const top = procedure.layers.length - 1;
  return (
    <section aria-label={told("web.dish.layers-from-the-top-down")}>
      <div className="mb-1 flex items-center justify-between gap-2">
        <h3 className="text-sm font-bold text-rim">{told("web.dish.layers-from-the-top-down")}</h3>
        <Button
          look="quiet"
          className="no-print min-h-9 text-sm"
          aria-expanded={correcting}
          aria-label={told("web.dish.correct-the-layers")}
          onClick={() => setCorrecting(!correcting)}
        >
          {correcting ? told("web.dish.done") : told("web.dish.correct-button")}
        </Button>
      </div>
      <ol className="divide-y divide-line rounded-b-lg border-x-4 border-b-4 border-rim">
        {layers.map(({ layer, at, nth: index }) => {
          const pot = procedure.components.find((c) => c.id === layer.of);
          if (!pot) return null;
          const lift = (by: number) => onCorrect({ kind: "lift", component: pot.key, index, by });
          return (
            <li key={at} className={`px-2 ${lit.pots.has(pot.id) ? "bg-warm-soft" : ""}`}>
              <button
                type="button"
                className="flex min-h-8 w-full cursor-pointer items-baseline justify-between gap-2 text-left"
                aria-pressed={lit.pots.has(pot.id)}
                onClick={() => onPot(pot.id)}
              >
                <span className="first-letter:uppercase">
                  {pot.name}
                  <span className="text-sm text-faded">{says(layer)}</span>
                </span>
                <span className="whitespace-nowrap text-sm">{percent(layer.share)}</span>
              </button>
              {correcting && (
                <div className="flex flex-wrap items-end justify-end gap-2 pb-2">
                  <NumberField
                    label={told("web.dish.how-much-of-the", pot.name)}
                    unit="%"
                    min={0}
                    max={100}
                    value={Math.round(layer.share * 100)}
                    onValue={(value) =>
                      value !== null && onCorrect({ kind: "share", component: pot.key, index, share: value / 100 })
                    }
                  />
                  <Step
                    words={told("web.dish.lay-one-higher", pot.name)}
                    sign="↑"
                    off={at === top}
                    onStep={() => lift(1)}
                  />
                  <Step
                    words={told("web.dish.lay-one-lower", pot.name)}
                    sign="↓"
                    off={at === 0}
                    onStep={() => lift(-1)}
                  />
                </div>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

function Step({ words, sign, off, onStep }: { words: string; sign: string; off: boolean; onStep: () => void }) {
  return (
    <Button className="no-print px-3" disabled={off} aria-label={words} onClick={onStep}>
      {sign}
    </Button>
  );
}

/** Which layer of its pot the layer at this place is, from the bottom. */
function nth(layers: readonly Placement[], at: number): number {
  return layers.slice(0, at).filter((l) => l.of === layers[at]?.of).length;
}

function says(layer: Placement): string {
  if (layer.inside) return told("web.dish.the-filling-inside");
  if (layer.late) return told("web.dish.during-the-bake");
  return layer.film ? told("web.dish.a-smear") : "";
}
