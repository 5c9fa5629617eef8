import type { ReactNode } from "react";
import type { Alternative, Swap } from "../../api";
import { Button, change, minutes, percent } from "../../ui";
import { named } from "./answers";

type Option = Pick<Alternative, "rule" | "becomes" | "fidelity" | "terms" | "cost" | "check" | "method">;

const ROWS: readonly { name: string; of: (o: Option) => ReactNode }[] = [
  { name: "Like the original", of: (o) => <strong>{percent(o.fidelity)}</strong> },
  { name: "Taste", of: (o) => percent(o.terms.taste) },
  { name: "Texture", of: (o) => percent(o.terms.texture) },
  { name: "Richness", of: (o) => percent(o.terms.richness) },
  { name: "Moisture", of: (o) => percent(o.terms.moisture) },
  { name: "Water", of: (o) => change(o.cost.waterGrams) },
  { name: "Salt", of: (o) => change(o.cost.saltGrams, true) },
  { name: "Fat", of: (o) => change(o.cost.fatGrams) },
  { name: "Work", of: (o) => (o.cost.activeMinutes ? minutes(o.cost.activeMinutes) : "none") },
  { name: "Waiting", of: (o) => (o.cost.passiveMinutes ? minutes(o.cost.passiveMinutes) : "none") },
  {
    name: "Tools",
    of: (o) => (o.cost.tools.length ? o.cost.tools.map((t) => toolWords(t, o.cost.missing)).join(", ") : "none"),
  },
  { name: "Read the label", of: (o) => (o.check ? "yes" : "no") },
  { name: "At the stove", of: (o) => <span className="block text-sm leading-snug">{o.method}</span> },
];

function toolWords(tool: string, missing: readonly string[]): string {
  return tool.replaceAll("-", " ") + (missing.includes(tool) ? " (you have none)" : "");
}

/** The taken answer and the others side by side, each with what it costs against the original. */
export function Compare({ swap, onChoose }: { swap: Swap; onChoose: (rule: string) => void }) {
  const taken: Option[] = swap.becomes.length ? [swap] : [];
  const options: Option[] = [...taken, ...swap.alternatives, ...swap.conditional];
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls must be reached by keyboard
    <section className="mt-3 overflow-x-auto" tabIndex={0} aria-label={`What would do for ${swap.was}, side by side`}>
      <table className="border-separate border-spacing-0 text-sm">
        <thead>
          <tr className="align-bottom">
            <th scope="col" className="sticky left-0 bg-enamel pr-3 text-left font-semibold">
              Against the original
            </th>
            {options.map((o) => (
              <th
                key={o.rule}
                scope="col"
                className={`min-w-36 max-w-48 px-3 pt-2 pb-1.5 text-left font-semibold ${o.rule === swap.rule ? "rounded-t-lg bg-rim-soft" : ""}`}
              >
                {named(o)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ROWS.map((row) => (
            <tr key={row.name}>
              <th
                scope="row"
                className="sticky left-0 border-t border-line bg-enamel pr-3 text-left font-medium text-faded"
              >
                {row.name}
              </th>
              {options.map((o) => (
                <td
                  key={o.rule}
                  className={`max-w-48 border-t border-line px-3 py-1 align-top ${o.rule === swap.rule ? "bg-rim-soft" : ""}`}
                >
                  {row.of(o)}
                </td>
              ))}
            </tr>
          ))}
          <tr>
            <td className="sticky left-0 bg-enamel" />
            {options.map((o) => (
              <td
                key={o.rule}
                className={`px-3 py-2 ${o.rule === swap.rule ? "rounded-b-lg bg-rim-soft font-semibold" : ""}`}
              >
                {o.rule === swap.rule ? (
                  "In the dish now"
                ) : (
                  <Button
                    className="min-h-9 px-2.5 text-sm"
                    aria-label={`Use ${named(o)} instead`}
                    onClick={() => onChoose(o.rule)}
                  >
                    Use this
                  </Button>
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
      <p className="mt-1 max-w-prose text-sm text-faded">
        Taste and texture are kitchen practice (40 % each); richness and moisture follow from fat and water (10 % each).
        Ranked for your house.
      </p>
    </section>
  );
}
