import { Collapsible } from "radix-ui";
import type { MadeComponent } from "../../api";
import { told } from "../../messages";
import { Button, Card, minutes } from "../../ui";

const FREEZES: Record<string, string> = {
  well: told("web.ui.freezes-well"),
  weeps: told("web.ui.weeps-when-frozen"),
  no: told("web.ui.not-for-freezing"),
};

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
    <Card title={told("web.ui.made-at-home")} aside={told("web.dish.things-and-work", made.length, minutes(active))}>
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
                    {told(
                      "web.dish.of-work-and-keeps",
                      minutes(m.active),
                      m.passive > 0 && told("web.ui.by-itself", minutes(m.passive)),
                      m.days > 0
                        ? told(
                            "web.dish.keeps-in-the-fridge",
                            m.days === 1 ? told("web.dish.a-day") : told("web.dish.days", m.days),
                          )
                        : told("web.ui.use-at-once"),
                      FREEZES[m.freezes],
                      m.tools.length > 0 && ` · ${m.tools.map((t) => t.replaceAll("-", " ")).join(", ")}`,
                    )}
                  </p>
                  {m.parts.length > 1 && (
                    <p className="text-sm font-semibold text-rim">
                      {told("web.dish.one-batch-for-places", m.parts.length)}
                    </p>
                  )}
                  {m.missing.length > 0 && (
                    <p className="text-sm text-warm">
                      {told("web.dish.your-house-has-no", m.missing.map((t) => t.replaceAll("-", " ")).join(", "))}
                    </p>
                  )}
                </div>
                <Collapsible.Trigger asChild>
                  <Button look="quiet" className="min-h-9 text-sm" aria-label={told("web.dish.how-to-make", m.name)}>
                    {told("web.dish.how")}
                  </Button>
                </Collapsible.Trigger>
                {m.canBuy && (
                  <Button
                    className="min-h-9 text-sm"
                    aria-label={told("web.dish.buy-ready", m.name)}
                    onClick={() => onMake(m.makes, "bought")}
                  >
                    {told("web.dish.buy-it-ready")}
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
                  <strong>{told("web.ui.done-when")}</strong> {m.sign}
                </p>
              </Collapsible.Content>
            </Collapsible.Root>
          </li>
        ))}
      </ul>
    </Card>
  );
}
