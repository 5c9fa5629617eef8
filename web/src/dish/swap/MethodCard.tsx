import type { MethodStep } from "../../api";
import { Card, sentence } from "../../ui";

/** The method as it reads now; steps that changed are marked and keep their old words one touch away. */
export function MethodCard({ method }: { method: readonly MethodStep[] }) {
  const changed = method.filter((s) => s.changed).length;
  return (
    <Card title="The method now" aside={changed ? `${changed} of ${method.length} steps changed` : "as it was"}>
      <ol className="list-decimal space-y-2 pl-6">
        {method.map((s, i) => (
          <li key={`${i}-${s.was}`} className={s.changed ? "marker:font-bold marker:text-rim" : "text-faded"}>
            <p>{s.text}</p>
            {s.notes.map((n) => (
              <p key={`${n.rule}-${n.text}`} className="mt-0.5 border-l-4 border-rim-soft pl-2 text-sm">
                <strong>{sentence(n.item)}:</strong> {n.text}
              </p>
            ))}
            {s.changed && (
              <details className="text-sm text-faded">
                <summary className="cursor-pointer">It was</summary>
                {s.was}
              </details>
            )}
          </li>
        ))}
      </ol>
    </Card>
  );
}
