import type { Procedure } from "../../../api";
import { told } from "../../../messages";

/** What could not be read for certain, and what the text says for a case only. */
export function Unsure({ procedure }: { procedure: Procedure }) {
  return (
    <>
      {procedure.doubts.length > 0 && (
        <section aria-label={told("web.dish.to-look-at")} className="mt-4 rounded-lg bg-warm-soft p-3">
          <h3 className="text-sm font-bold text-warm">{told("web.dish.to-look-at")}</h3>
          <ul className="mt-1 space-y-1">
            {procedure.doubts.map((d) => (
              <li key={`${d.sentence}-${d.words}-${d.code}`}>
                {d.why}
                {d.sentence >= 0 && <span className="text-faded"> “{d.words}”</span>}
              </li>
            ))}
          </ul>
        </section>
      )}
      {procedure.onlyIf.length > 0 && (
        <section aria-label={told("web.dish.only-in-some-cases")} className="mt-4">
          <h3 className="text-sm font-bold text-rim">{told("web.dish.said-for-a-case-only-so")}</h3>
          <ul className="mt-1 list-disc space-y-1 pl-5 text-faded">
            {procedure.onlyIf.map((o) => (
              <li key={`${o.sentence}-${o.words}`}>{o.words}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
