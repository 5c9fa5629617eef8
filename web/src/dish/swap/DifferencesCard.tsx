import type { Brief, Difference } from "../../api";
import { told } from "../../messages";
import { Button, Card } from "../../ui";

interface Props {
  differences: readonly Difference[];
  brief: Brief;
  edit: (change: Partial<Brief>) => void;
}

const GROUPS: readonly { title: string; kinds: readonly Difference["kind"][] }[] = [
  { title: told("web.dish.left-out-title"), kinds: ["left-out"] },
  { title: told("web.dish.at-the-stove"), kinds: ["step"] },
  { title: told("web.dish.pan-and-layers"), kinds: ["pan", "layers"] },
  { title: told("web.dish.in-the-oven-group"), kinds: ["bake"] },
];

/** Everything the plan does otherwise than the recipe, with the reason and the way back where there is one. */
export function DifferencesCard({ differences, brief, edit }: Props) {
  const swaps = differences.filter((d) => d.kind === "swap").length;
  const asWritten = ({ schools, phases }: NonNullable<Difference["asWritten"]>) =>
    edit({
      ...(schools && { schools: { ...brief.schools, ...schools } }),
      ...(phases && { oven: { ...brief.oven, phases } }),
    });
  const groups = GROUPS.map((g) => ({ ...g, of: differences.filter((d) => g.kinds.includes(d.kind)) })).filter(
    (g) => g.of.length > 0,
  );
  return (
    <Card
      title={told("web.dish.what-differs-from-your-recipe-and")}
      aside={swaps > 0 ? told("web.dish.besides-the-swaps", swaps) : undefined}
    >
      {groups.length === 0 && <p>{told("web.dish.nothing-else-it-is-cooked-laid", swaps > 0)}</p>}
      {groups.map((g) => (
        <section key={g.title} className="mt-2 first:mt-0">
          <h3 className="font-semibold text-rim">{g.title}</h3>
          <ul className="divide-y divide-line">
            {g.of.map((d) => (
              <li key={`${d.what}-${d.why}`} className="flex items-start justify-between gap-3 py-1.5">
                <span className="min-w-0">
                  <span className="font-medium">{d.what}</span>
                  <span className="block text-sm text-faded">{d.why}</span>
                </span>
                {d.asWritten && (
                  <Button
                    look="quiet"
                    className="min-h-8 shrink-0 px-2 py-0.5 text-sm"
                    onClick={() => d.asWritten && asWritten(d.asWritten)}
                  >
                    {told("web.dish.do-it-as-written")}
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </Card>
  );
}
