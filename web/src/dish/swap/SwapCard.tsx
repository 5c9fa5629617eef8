import { Collapsible } from "radix-ui";
import type { Becomes, Swap } from "../../api";
import { Button, percent } from "../../ui";
import { Compare } from "./Compare";

const LEAVE_OUT = "leave-out";

export function SwapCard({ swap, onChoose }: { swap: Swap; onChoose: (rule: string | null) => void }) {
  const left = swap.rule === LEAVE_OUT;
  return (
    <li className="min-w-0 py-3">
      <Collapsible.Root>
        <div className="grid items-start gap-x-4 gap-y-1 sm:grid-cols-[1fr_auto_1.2fr_auto]">
          <p className="text-faded">
            {swap.was}
            <span className="block text-sm">{offence(swap.offends)}</span>
          </p>
          <span aria-hidden="true" className="hidden font-bold text-warm sm:block">
            →
          </span>
          {left ? <p className="font-semibold">left out</p> : <Things becomes={swap.becomes} />}
          <Collapsible.Trigger asChild>
            <Button look="quiet" className="min-h-9 text-sm" aria-label={`Why, and what else, for ${swap.was}`}>
              Why?
            </Button>
          </Collapsible.Trigger>
        </div>
        {swap.check && (
          <details className="mt-1 text-sm text-warm">
            <summary className="cursor-pointer font-semibold">Read the label</summary>
            {swap.check}
          </details>
        )}
        <Collapsible.Content className="mt-2 rounded-lg bg-enamel p-3">
          <p>{swap.reason}</p>
          {!left && (
            <p className="mt-1">
              <strong>At the stove:</strong> {swap.method}
            </p>
          )}
          {!left && (
            <p className="mt-1 text-sm text-faded">
              Rule {swap.rule}, job {swap.job}; about {percent(swap.fidelity)} like the original.
            </p>
          )}
          {swap.passedOver.length > 0 && (
            <p className="mt-1 text-sm">
              Nearer still, but shut out: {swap.passedOver.map((p) => `${p.item} (${p.because})`).join("; ")}.
            </p>
          )}
          {(!left || swap.alternatives.length > 0) && <Compare swap={swap} onChoose={onChoose} />}
          <div className="mt-3 flex flex-wrap gap-2">
            {left ? (
              <Button className="text-sm" onClick={() => onChoose(null)}>
                Put it back
              </Button>
            ) : (
              <Button
                look="quiet"
                className="text-sm"
                aria-label={`Leave out ${swap.was}`}
                onClick={() => onChoose(LEAVE_OUT)}
              >
                Leave it out
              </Button>
            )}
          </div>
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
      {becomes.map((b) => (
        <li key={b.ingredient}>
          <strong className="font-semibold">{b.item}</strong> · {b.display}
        </li>
      ))}
    </ul>
  );
}
