import { useQuery } from "@tanstack/react-query";
import { api, type Breach, type MealBrief, type MealPlan } from "../../api";
import { told } from "../../messages";
import { allergenWord, Button } from "../../ui";
import { clock } from "../time";
import { mends } from "./order";

const SHOWN = 3;

interface Props {
  plan: MealPlan;
  meal: MealBrief;
  change: (part: Partial<MealBrief>) => void;
  onShow?: (task: string) => void;
}

/** Where something gets where it must not be, each with its mends as one touch. */
export function Breaches({ plan, meal, change, onShow }: Props) {
  const gear = useQuery({ queryKey: ["gear"], queryFn: api.gear, staleTime: Number.POSITIVE_INFINITY });
  if (plan.breaches.length === 0) return null;
  const lines = gathered(plan.breaches);
  const words = (id: string) => plan.tasks.find((t) => t.id === id)?.words ?? told("web.table.another-task");
  return (
    <section
      aria-label={told("web.table.not-kept-apart")}
      role="alert"
      className="rounded-lg border-l-4 border-danger bg-danger-soft p-4"
    >
      <h2 className="font-bold text-danger">
        {lines.length === 1
          ? told("web.table.here-something-gets-in")
          : told("web.table.here-something-gets-in-in-ways", lines.length)}
      </h2>
      <ul className="mt-1 flex flex-col gap-3">
        {lines.slice(0, SHOWN).map((b) => (
          <li key={`${b.breach.task} ${b.breach.tool} ${b.breach.from}`}>
            <p>
              <strong>{clock(b.breach.at)}</strong>{" "}
              <button type="button" className="underline" onClick={() => onShow?.(b.breach.task)}>
                {words(b.breach.task)}
              </button>{" "}
              {told(
                "web.table.gets-from-the-left-there-by",
                b.allergens.map(allergenWord).join(", "),
                b.breach.tool,
                words(b.breach.from),
              )}
            </p>
            <div className="mt-1 flex flex-wrap gap-2">
              {mends(b.breach, plan, meal, gear.data).map((m) => (
                <Button key={m.words} className="min-h-9 text-sm" onClick={() => change(m.change)}>
                  {m.words}
                </Button>
              ))}
            </div>
          </li>
        ))}
      </ul>
      {lines.length > SHOWN && (
        <p className="mt-2 text-sm">{told("web.table.and-more-mend-these-first-and", lines.length - SHOWN)}</p>
      )}
    </section>
  );
}

/** One line for all allergens that go the same way. */
function gathered(all: readonly Breach[]): { breach: Breach; allergens: string[] }[] {
  const ways = new Map<string, { breach: Breach; allergens: string[] }>();
  for (const breach of all) {
    const key = `${breach.task} ${breach.tool} ${breach.from}`;
    const known = ways.get(key);
    if (known) known.allergens.push(breach.allergen);
    else ways.set(key, { breach, allergens: [breach.allergen] });
  }
  return [...ways.values()];
}
