import type { Procedure } from "../../../api";

/** What could not be read for certain, and what the text says for a case only. */
export function Unsure({ procedure }: { procedure: Procedure }) {
  return (
    <>
      {procedure.doubts.length > 0 && (
        <section aria-label="To look at" className="mt-4 rounded-lg bg-warm-soft p-3">
          <h3 className="text-sm font-bold text-warm">To look at</h3>
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
        <section aria-label="Only in some cases" className="mt-4">
          <h3 className="text-sm font-bold text-rim">Said for a case only, so not planned</h3>
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
