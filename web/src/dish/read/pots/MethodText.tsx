import type { Procedure } from "../../../api";
import { told } from "../../../messages";
import { type Lit, stretches } from "./flow";

interface Props {
  steps: readonly string[];
  procedure: Procedure;
  lit: Lit;
  onPot: (id: string) => void;
}

/** The cook's own words; a clause that was understood lights the pot it works on. */
export function MethodText({ steps, procedure, lit, onPot }: Props) {
  if (steps.length === 0) return <p className="text-faded">{told("web.dish.no-method-was-found-in-the")}</p>;
  return (
    <ol className="list-decimal space-y-2 pl-6">
      {steps.map((step, i) => (
        <li key={`${i}-${step}`}>
          {stretches(step, procedure).map((s, k) => {
            const pot = s.pot;
            return pot ? (
              <Clause key={`${k}-${s.words}`} words={s.words} lit={lit.pots.has(pot)} onTouch={() => onPot(pot)} />
            ) : (
              <span key={`${k}-${s.words}`}>{s.words}</span>
            );
          })}
        </li>
      ))}
    </ol>
  );
}

/** A button that runs on with the text: a button element would begin a line of its own. */
function Clause({ words, lit, onTouch }: { words: string; lit: boolean; onTouch: () => void }) {
  const look = lit ? "bg-warm-soft decoration-warm" : "decoration-line hover:decoration-rim";
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button element does not flow with the words around it
    <span
      role="button"
      tabIndex={0}
      aria-pressed={lit}
      className={`cursor-pointer rounded underline decoration-2 underline-offset-4 ${look}`}
      onClick={onTouch}
      onKeyDown={(e) => {
        if (e.key !== "Enter" && e.key !== " ") return;
        e.preventDefault();
        onTouch();
      }}
    >
      {words}
    </span>
  );
}
