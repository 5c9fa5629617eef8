import type { ReactNode } from "react";
import type { Alternative, Swap } from "../../api";
import { told } from "../../messages";
import { Button, change, minutes, percent } from "../../ui";
import { named } from "./answers";

type Option = Pick<Alternative, "rule" | "becomes" | "fidelity" | "terms" | "cost" | "check" | "method">;

const ROWS: readonly { name: string; of: (o: Option) => ReactNode }[] = [
  { name: told("web.dish.like-the-original"), of: (o) => <strong>{percent(o.fidelity)}</strong> },
  { name: told("web.dish.taste"), of: (o) => percent(o.terms.taste) },
  { name: told("web.dish.texture"), of: (o) => percent(o.terms.texture) },
  { name: told("web.dish.richness"), of: (o) => percent(o.terms.richness) },
  { name: told("web.dish.moisture"), of: (o) => percent(o.terms.moisture) },
  { name: told("web.dish.water"), of: (o) => change(o.cost.waterGrams) },
  { name: told("web.dish.salt"), of: (o) => change(o.cost.saltGrams, true) },
  { name: told("web.dish.fat"), of: (o) => change(o.cost.fatGrams) },
  {
    name: told("web.dish.work"),
    of: (o) => (o.cost.activeMinutes ? minutes(o.cost.activeMinutes) : told("web.ui.none")),
  },
  {
    name: told("web.dish.waiting"),
    of: (o) => (o.cost.passiveMinutes ? minutes(o.cost.passiveMinutes) : told("web.ui.none")),
  },
  {
    name: told("web.ui.tools"),
    of: (o) =>
      o.cost.tools.length ? o.cost.tools.map((t) => toolWords(t, o.cost.missing)).join(", ") : told("web.ui.none"),
  },
  { name: told("web.dish.read-the-label-heading"), of: (o) => told("web.ui.yes-or-no", Boolean(o.check)) },
  {
    name: told("web.dish.at-the-stove"),
    of: (o) => <span className="block text-sm leading-snug">{o.method}</span>,
  },
];

function toolWords(tool: string, missing: readonly string[]): string {
  return tool.replaceAll("-", " ") + (missing.includes(tool) ? told("web.dish.you-have-none") : "");
}

/** The taken answer and the others side by side, each with what it costs against the original. */
export function Compare({ swap, onChoose }: { swap: Swap; onChoose: (rule: string) => void }) {
  const taken: Option[] = swap.becomes.length ? [swap] : [];
  const options: Option[] = [...taken, ...swap.alternatives, ...swap.conditional];
  return (
    <section
      className="mt-3 overflow-x-auto"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls must be reached by keyboard
      tabIndex={0}
      aria-label={told("web.dish.what-would-do-for-side-by", swap.was)}
    >
      <table className="border-separate border-spacing-0 text-sm">
        <thead>
          <tr className="align-bottom">
            <th scope="col" className="sticky left-0 bg-enamel pr-3 text-left font-semibold">
              {told("web.dish.against-the-original")}
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
                  told("web.dish.in-the-dish-now")
                ) : (
                  <Button
                    className="min-h-9 px-2.5 text-sm"
                    aria-label={told("web.dish.use-instead", named(o))}
                    onClick={() => onChoose(o.rule)}
                  >
                    {told("web.dish.use-this")}
                  </Button>
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
      <p className="mt-1 max-w-prose text-sm text-faded">{told("web.dish.taste-and-texture-are-kitchen-practice")}</p>
    </section>
  );
}
