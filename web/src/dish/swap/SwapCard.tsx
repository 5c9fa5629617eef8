import { Collapsible } from "radix-ui";
import type { Becomes, Swap } from "../../api";
import { Button, percent } from "../../ui";

export function SwapCard({ swap, onChoose }: { swap: Swap; onChoose: (rule: string) => void }) {
  return (
    <li className="py-3">
      <Collapsible.Root>
        <div className="grid items-start gap-x-4 gap-y-1 sm:grid-cols-[1fr_auto_1.2fr_auto]">
          <p className="text-faded">{swap.was}<span className="block text-sm">{offence(swap.offends)}</span></p>
          <span aria-hidden="true" className="hidden font-bold text-warm sm:block">→</span>
          <Things becomes={swap.becomes} />
          <Collapsible.Trigger asChild><Button look="quiet" className="min-h-9 text-sm" aria-label={`Why, and what else, for ${swap.was}`}>Why?</Button></Collapsible.Trigger>
        </div>
        {swap.check && <p className="mt-1 text-sm text-warm">{swap.check}</p>}
        <Collapsible.Content className="mt-2 rounded-lg bg-enamel p-3">
          <p>{swap.reason}</p>
          <p className="mt-1"><strong>At the stove:</strong> {swap.method}</p>
          <p className="mt-1 text-sm text-faded">Rule {swap.rule}, job {swap.job}; about {percent(swap.fidelity)} like the original (kitchen practice).</p>
          {swap.alternatives.length > 0 && <Alternatives swap={swap} onChoose={onChoose} />}
        </Collapsible.Content>
      </Collapsible.Root>
    </li>
  );
}

function offence(offends: readonly string[]): string {
  const holds = offends.filter((o) => !o.startsWith("not "));
  return holds.length ? `holds ${holds.join(", ")}` : offends.join(", ");
}

function Things({ becomes }: { becomes: readonly Becomes[] }) {
  return (
    <ul>
      {becomes.map((b) => <li key={b.ingredient}><strong className="font-semibold">{b.item}</strong> · {b.display}</li>)}
    </ul>
  );
}

function Alternatives({ swap, onChoose }: { swap: Swap; onChoose: (rule: string) => void }) {
  return (
    <div className="mt-3">
      <p className="font-semibold">What else would do</p>
      <ul className="mt-1 space-y-2">
        {swap.alternatives.map((a) => (
          <li key={a.rule} className="flex flex-wrap items-start justify-between gap-2 border-t border-line pt-2">
            <div className="min-w-0 flex-1 basis-64">
              <p>{a.becomes.map((b) => `${b.item} ${b.display}`).join(" + ")}</p>
              <p className="text-sm text-faded">{a.reason} About {percent(a.fidelity)} like the original.</p>
              {a.check && <p className="text-sm text-warm">{a.check}</p>}
            </div>
            <Button className="min-h-9 text-sm" aria-label={`Use ${a.becomes.map((b) => b.item).join(" and ")} instead`} onClick={() => onChoose(a.rule)}>Use this</Button>
          </li>
        ))}
      </ul>
    </div>
  );
}
