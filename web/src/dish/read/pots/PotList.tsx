import { useState } from "react";
import type { Correction, Placement, Procedure, Recipe, Vessel } from "../../../api";
import { told } from "../../../messages";
import { Button, percent } from "../../../ui";
import { BakeList } from "./BakeList";
import type { Lit } from "./flow";
import { LayerList } from "./LayerList";
import { PotForm } from "./PotForm";

interface Props {
  recipe: Recipe;
  procedure: Procedure;
  lit: Lit;
  onPot: (id: string) => void;
  onCorrect: (correction: Correction) => void;
}

/** The picture in words, and where it is put right. */
export function PotList({ recipe, procedure, lit, onPot, onCorrect }: Props) {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <div className="mt-4 grid gap-x-8 gap-y-4 lg:grid-cols-[3fr_2fr]">
      <section aria-label={told("web.dish.what-is-in-each-pot")}>
        <ul className="divide-y divide-line">
          {procedure.components.map((pot) => (
            <li key={pot.id} className={`py-2 ${lit.pots.has(pot.id) ? "-mx-2 rounded bg-warm-soft px-2" : ""}`}>
              <div className="flex items-start justify-between gap-3">
                <div className="min-w-0">
                  <button
                    type="button"
                    aria-pressed={lit.pots.has(pot.id)}
                    className="cursor-pointer text-left font-semibold first-letter:uppercase"
                    onClick={() => onPot(pot.id)}
                  >
                    {pot.name}
                  </button>
                  <p className="text-sm text-faded">{contents(pot, procedure, recipe)}</p>
                  <p className="text-sm">{whither(pot, procedure)}</p>
                </div>
                <Button
                  look="quiet"
                  className="no-print min-h-9 shrink-0 text-sm"
                  aria-expanded={open === pot.id}
                  aria-label={told("web.dish.correct-pot", pot.name)}
                  onClick={() => setOpen(open === pot.id ? null : pot.id)}
                >
                  {told("web.dish.correct-button")}
                </Button>
              </div>
              {open === pot.id && (
                <PotForm
                  pot={pot}
                  procedure={procedure}
                  recipe={recipe}
                  onCorrect={(c) => {
                    onCorrect(c);
                    setOpen(null);
                  }}
                />
              )}
            </li>
          ))}
        </ul>
      </section>
      <div className="flex flex-col gap-4">
        <LayerList procedure={procedure} lit={lit} onPot={onPot} onCorrect={onCorrect} />
        <BakeList procedure={procedure} onCorrect={onCorrect} />
      </div>
    </div>
  );
}

function contents(pot: Vessel, procedure: Procedure, recipe: Recipe): string {
  return pot.of
    .map((o) => {
      const words =
        o.line != null ? (recipe.lines[o.line]?.item ?? "") : told("web.dish.the", nameOf(procedure, o.component));
      return o.share > 0.99 ? words : told("web.dish.share-of", percent(o.share), Boolean(o.line != null), words);
    })
    .join(", ");
}

function nameOf(procedure: Procedure, id: string | undefined): string {
  return procedure.components.find((c) => c.id === id)?.name ?? "";
}

/** Where a pot goes: into the dish, another pot, or neither. */
function whither(pot: Vessel, procedure: Procedure): string {
  const layers = procedure.layers.filter((l) => l.of === pot.id);
  const others = procedure.components.flatMap((c) =>
    c.of.filter((o) => o.component === pot.id).map((o) => told("web.dish.into-the", percent(o.share), c.name)),
  );
  const beside = procedure.beside.filter((b) => b.of === pot.id).map((b) => `${percent(b.share)} ${FATES[b.use]}`);
  const laid = layers.length === 0 ? [] : [laidWords(layers)];
  const all = [...others, ...laid, ...beside];
  return all.length ? `→ ${all.join(", ")}` : told("web.dish.not-in-the-dish");
}

const FATES: Record<Procedure["beside"][number]["use"], string> = {
  "served-beside": told("web.dish.served-beside"),
  frozen: told("web.dish.frozen-beside"),
  "left-over": told("web.dish.left-over"),
};

function laidWords(layers: readonly Placement[]): string {
  const total = layers.reduce((sum, l) => sum + l.share, 0);
  const all = total > 0.99 ? told("web.dish.all-of-it-alone") : percent(total);
  const late = layers.some((l) => l.late) ? told("web.dish.and-during-the-bake") : "";
  const inside = layers.every((l) => l.inside) ? told("web.dish.as-the-filling") : "";
  return told(
    "web.dish.into-the-dish",
    all,
    inside,
    layers.length > 1 ? told("web.dish.in-layers", layers.length) : "",
    late,
  );
}
