import { Collapsible } from "radix-ui";
import type { MadeComponent } from "../../api";
import { Button, Card, minutes } from "../../ui";

const FREEZES: Record<string, string> = { well: "freezes well", weeps: "weeps when frozen", no: "not for freezing" };

/** What is made at home for this dish, with its recipe; one touch to buy it ready where it is sold. */
export function MadeCard({
  made,
  onMake,
}: {
  made: readonly MadeComponent[];
  onMake: (makes: string, how: string) => void;
}) {
  const active = made.reduce((sum, m) => sum + m.active, 0);
  return (
    <Card
      title="Made at home"
      aside={`${made.length === 1 ? "one thing" : `${made.length} things`}, ${minutes(active)} of work`}
    >
      <ul className="divide-y divide-line">
        {made.map((m) => (
          <li key={m.component} className="py-2.5">
            <Collapsible.Root>
              <div className="flex flex-wrap items-start justify-between gap-2">
                <div className="min-w-0 flex-1 basis-64">
                  <p>
                    <strong className="font-semibold">{m.name}</strong> · {m.display}
                  </p>
                  <p className="text-sm text-faded">
                    {minutes(m.active)} of work{m.passive > 0 && `, ${minutes(m.passive)} by itself`} ·{" "}
                    {m.days > 0 ? `keeps ${m.days === 1 ? "a day" : `${m.days} days`} in the fridge` : "use at once"},{" "}
                    {FREEZES[m.freezes]}
                    {m.tools.length > 0 && ` · ${m.tools.map((t) => t.replaceAll("-", " ")).join(", ")}`}
                  </p>
                  {m.parts.length > 1 && (
                    <p className="text-sm font-semibold text-rim">One batch for {m.parts.length} places</p>
                  )}
                  {m.missing.length > 0 && (
                    <p className="text-sm text-warm">
                      Your house has no {m.missing.map((t) => t.replaceAll("-", " ")).join(", ")}.
                    </p>
                  )}
                </div>
                <Collapsible.Trigger asChild>
                  <Button look="quiet" className="min-h-9 text-sm" aria-label={`How to make ${m.name}`}>
                    How?
                  </Button>
                </Collapsible.Trigger>
                {m.canBuy && (
                  <Button
                    className="min-h-9 text-sm"
                    aria-label={`Buy ${m.name} ready`}
                    onClick={() => onMake(m.makes, "bought")}
                  >
                    Buy it ready
                  </Button>
                )}
              </div>
              <Collapsible.Content className="mt-2 rounded-lg bg-enamel p-3">
                <ul className="grid gap-x-6 sm:grid-cols-2">
                  {m.ingredients.map((i) => (
                    <li key={i.ingredient}>
                      {i.item} · {i.display}
                    </li>
                  ))}
                </ul>
                <ol className="mt-2 list-decimal space-y-1 pl-5">
                  {m.steps.map((s) => (
                    <li key={s}>{s}</li>
                  ))}
                </ol>
                <p className="mt-1">
                  <strong>Done when:</strong> {m.sign}
                </p>
              </Collapsible.Content>
            </Collapsible.Root>
          </li>
        ))}
      </ul>
    </Card>
  );
}
