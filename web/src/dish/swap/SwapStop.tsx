import { Card, Notice } from "../../ui";
import type { StopProps } from "../stopProps";
import { Ingredients } from "./Ingredients";
import { NeedsPicker } from "./NeedsPicker";
import { SwapCard } from "./SwapCard";

export function SwapStop({ plan, brief, edit }: StopProps) {
  const choose = (source: number, rule: string) => edit({ choices: { ...brief.choices, [source]: rule } });
  return (
    <div className="flex flex-col gap-5">
      <NeedsPicker brief={brief} edit={edit} />
      {plan.unresolved.length > 0 && (
        <Notice tone="danger" title={`${plan.unresolved.length === 1 ? "One line is" : `${plan.unresolved.length} lines are`} left out of the dish`}>
          <ul className="mt-1 list-disc space-y-1 pl-5">
            {plan.unresolved.map((u) => <li key={`${u.source}-${u.text}`}><strong>{u.text}</strong>: {u.why}</li>)}
          </ul>
        </Notice>
      )}
      <Card title="Was → becomes" aside={plan.swaps.length ? `${plan.swaps.length} swaps` : undefined}>
        {plan.swaps.length === 0 && <p className="text-faded">{brief.needs?.length || brief.avoid?.length ? "Everything in this recipe fits as it is." : "Say above who it must be safe for."}</p>}
        <ul className="divide-y divide-line">
          {plan.swaps.map((swap, i) => <SwapCard key={`${swap.source}-${i}`} swap={swap} onChoose={(rule) => choose(swap.source, rule)} />)}
        </ul>
      </Card>
      <Ingredients plan={plan} />
    </div>
  );
}
