import { useState } from "react";
import type { Eater, Eats, MealPlan } from "../../api";
import { told } from "../../messages";
import { allergenWord, Button, isNeed, needWord } from "../../ui";
import { DishMark } from "../DishMark";

const WORDS: Record<string, { sign: string; word: string; look: string }> = {
  yes: { sign: "●", word: told("web.table.eats-it"), look: "bg-sheet" },
  check: { sign: "◐", word: told("web.table.read-labels"), look: "bg-warm-soft text-warm" },
  no: { sign: "✕", word: told("web.table.eats-it-not"), look: "bg-danger-soft text-danger" },
};

interface Props {
  plan: MealPlan;
  eaters: readonly Eater[];
  isFor: (dish: number, name: string) => boolean;
  onChange: (name: string) => void;
  onRemove: (name: string) => void;
}

/** Who can eat what; a touch on a verdict says why. */
export function Matrix({ plan, eaters, isFor, onChange, onRemove }: Props) {
  const [asked, setAsked] = useState<Eats | null>(null);
  const dishes = plan.names.map((_, i) => i).filter((i) => plan.eats.some((e) => e.dish === i));
  return (
    <>
      <div className="relative overflow-x-auto">
        <table className="w-full border-collapse text-left">
          <thead>
            <tr className="border-b-2 border-line align-bottom">
              <th scope="col" className="py-2 pr-3 text-sm font-semibold text-faded">
                {told("web.table.at-the-table")}
              </th>
              {dishes.map((d) => (
                <th key={d} scope="col" className="min-w-28 px-1.5 py-2 font-semibold leading-tight">
                  <span className="flex items-center gap-1.5">
                    <DishMark dish={d} small /> {plan.names[d]}
                  </span>
                </th>
              ))}
              <th scope="col">
                <span className="sr-only">{told("web.table.change")}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {eaters.map((eater) => (
              <tr key={eater.name} className="border-b border-line">
                <th scope="row" className="py-1 pr-3 font-semibold">
                  {eater.name}
                  <span className="block text-sm font-normal text-faded">{about(eater)}</span>
                </th>
                {dishes.map((d) => {
                  const eats = plan.eats.find((e) => e.dish === d && e.eater === eater.name);
                  return (
                    <td key={d} className="px-1 py-1">
                      {eats && (
                        <Verdict
                          eats={eats}
                          open={asked?.dish === d && asked.eater === eater.name}
                          meant={isFor(d, eater.name ?? "")}
                          name={plan.names[d]}
                          onAsk={() => setAsked(asked === eats ? null : eats)}
                        />
                      )}
                    </td>
                  );
                })}
                <td className="whitespace-nowrap text-right">
                  <Button
                    look="quiet"
                    className="min-h-9 px-2 text-sm"
                    aria-label={told("web.ui.change", eater.name)}
                    onClick={() => onChange(eater.name ?? "")}
                  >
                    {told("web.table.change")}
                  </Button>
                  <Button
                    look="quiet"
                    className="min-h-9 px-2 text-sm"
                    aria-label={told("web.ui.remove", eater.name)}
                    onClick={() => onRemove(eater.name ?? "")}
                  >
                    {told("web.table.remove")}
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2 min-h-12 text-sm" aria-live="polite">
        {asked ? (
          <>
            <strong>
              {asked.eater}, {plan.names[asked.dish]}:
            </strong>{" "}
            {asked.why.length ? asked.why.join("; ") : told("web.table.nothing-in-it-is-against-what")}
          </>
        ) : (
          <span className="text-faded">{told("web.table.touch-an-answer-to-see-why")}</span>
        )}
      </p>
    </>
  );
}

function Verdict(props: { eats: Eats; open: boolean; meant: boolean; name: string; onAsk: () => void }) {
  const { sign, word, look } = WORDS[props.eats.verdict] ?? WORDS.no;
  return (
    <button
      type="button"
      aria-expanded={props.open}
      aria-label={told("web.table.judged", props.eats.eater, props.name, word, Boolean(props.meant))}
      onClick={props.onAsk}
      className={`min-h-9 w-full rounded-md border-2 px-2 text-left font-semibold ${look} ${props.open ? "border-rim" : "border-transparent hover:border-line"} ${props.meant ? "" : "border-dashed opacity-70"}`}
    >
      <span aria-hidden="true">{sign}</span> {word}
    </button>
  );
}

function about(eater: Eater): string {
  const needs = (eater.needs ?? []).map((n) => (isNeed(n) ? needWord(n) : told("web.ui.no", allergenWord(n))));
  if (needs.length === 0) return told("web.ui.eats-everything");
  return needs.join(", ") + (eater.strict ? told("web.table.and-strict") : "");
}
