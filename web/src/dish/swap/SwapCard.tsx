import { Collapsible } from "radix-ui";
import { useState } from "react";
import type { Swap } from "../../api";
import { told } from "../../messages";
import { Button } from "../../ui";
import { Answers } from "./Answers";
import { answersOf } from "./answers";
import { Compare } from "./Compare";

const SHOWN = 3;
const LEAVE_OUT = "leave-out";
const OPEN = "open";
const GOES_WITH = "goes-with";

/** One thing replaced: what it was and did, what would do instead, and the one taken. */
export function SwapCard({ swap, onChoose }: { swap: Swap; onChoose: (rule: string | null) => void }) {
  const [why, setWhy] = useState(false);
  const [all, setAll] = useState(false);
  const answers = answersOf(swap);
  const more = all ? 0 : Math.max(0, answers.length - SHOWN);
  const left = swap.rule === LEAVE_OUT;
  const open = swap.rule === OPEN;
  if (swap.rule === GOES_WITH) {
    return <li className="min-w-0 py-2 text-faded">{told("web.dish.not-needed", swap.was, swap.reason)}</li>;
  }
  return (
    <li className={`min-w-0 py-3 ${open ? "-mx-3 rounded-lg bg-warm-soft px-3" : ""}`}>
      <Collapsible.Root open={why} onOpenChange={setWhy}>
        <div className="grid gap-x-5 gap-y-2 sm:grid-cols-[minmax(13rem,1fr)_1.8fr]">
          <div>
            <p className="font-medium">{swap.was}</p>
            <p className="text-sm text-faded">{[swap.does, offence(swap.offends)].filter(Boolean).join("; ")}</p>
            <div className="-ml-2 mt-1 flex flex-wrap gap-x-1">
              <Collapsible.Trigger asChild>
                <Button
                  look="quiet"
                  className="min-h-8 px-2 py-0.5 text-sm"
                  aria-label={told("web.dish.why-and-what-each-costs-for", swap.was)}
                >
                  {why ? told("web.dish.less") : told("web.dish.compare")}
                </Button>
              </Collapsible.Trigger>
              {left ? (
                <Button look="quiet" className="min-h-8 px-2 py-0.5 text-sm" onClick={() => onChoose(null)}>
                  {told("web.ui.put-it-back")}
                </Button>
              ) : (
                <Button
                  look="quiet"
                  className="min-h-8 px-2 py-0.5 text-sm"
                  aria-label={told("web.dish.leave-out", swap.was)}
                  onClick={() => onChoose(LEAVE_OUT)}
                >
                  {told("web.dish.leave-out-button")}
                </Button>
              )}
              {more > 0 && (
                <Button look="quiet" className="min-h-8 px-2 py-0.5 text-sm" onClick={() => setAll(true)}>
                  {told("web.dish.more", more)}
                </Button>
              )}
            </div>
            {swap.check && (
              <details className="text-sm text-warm">
                <summary className="cursor-pointer py-1 font-semibold">
                  {told("web.dish.what-to-read-on-the-label")}
                </summary>
                {swap.check}
              </details>
            )}
          </div>
          <div className="min-w-0">
            {left && <p className="font-semibold">{told("web.dish.left-out-mark")}</p>}
            {swap.notice && (
              <p className="mb-1.5">
                <strong className="font-semibold text-warm">{open ? told("web.dish.yours-to-choose") : ""}</strong>
                {swap.notice}
              </p>
            )}
            <Answers swap={swap} answers={answers.slice(0, answers.length - more)} onChoose={onChoose} />
          </div>
        </div>
        <Collapsible.Content className="mt-2 rounded-lg bg-enamel p-3">
          <p>{swap.reason}</p>
          {swap.passedOver.length > 0 && (
            <p className="mt-1 text-sm">
              {told(
                "web.dish.nearer-still-but-shut-out",
                swap.passedOver.map((p) => `${p.item} (${p.because})`).join("; "),
              )}
            </p>
          )}
          <Compare swap={swap} onChoose={onChoose} />
        </Collapsible.Content>
      </Collapsible.Root>
    </li>
  );
}

function offence(offends: readonly string[]): string {
  const holds = offends.filter((o) => !o.startsWith(told("web.dish.not")));
  return holds.length ? told("web.dish.holds", holds.join(", ")) : offends.join(", ");
}
