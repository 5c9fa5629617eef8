import type { Caution } from "../api";
import { told } from "../messages";

/** Cautions, each kind said once: its sentence, what it speaks of, and whose words they are, once for all that share them. */
export function Cautions({ cautions }: { cautions: readonly Caution[] }) {
  const sources = [...new Set(cautions.map((c) => c.source))];
  return (
    <div className="space-y-3">
      {sources.map((source) => (
        <div key={source} className="border-l-4 border-warm pl-3">
          <ul className="space-y-2">
            {cautions
              .filter((c) => c.source === source)
              .map((c) => (
                <li key={`${c.kind}-${c.text}`}>
                  {c.text}
                  {c.items.length > 0 && <span className="block font-semibold">{c.items.join(", ")}</span>}
                </li>
              ))}
          </ul>
          <p className="mt-1 text-sm text-faded">{told("web.dish.source", source)}</p>
        </div>
      ))}
    </div>
  );
}
