import { RadioGroup } from "radix-ui";
import type { Swap } from "../../api";
import { told } from "../../messages";
import { percent } from "../../ui";
import { type Answer, asks, named } from "./answers";

/** What would do here, one a row: name and amount, how near it stays, what it asks. One touch takes it. */
export function Answers(props: { swap: Swap; answers: readonly Answer[]; onChoose: (rule: string) => void }) {
  const { swap, answers, onChoose } = props;
  return (
    <RadioGroup.Root
      value={swap.becomes.length ? swap.rule : ""}
      onValueChange={onChoose}
      aria-label={told("web.dish.what-stands-for", swap.was)}
      className="flex flex-col"
    >
      {answers.map((a) => (
        <Row key={a.rule} answer={a} taken={a.rule === swap.rule} />
      ))}
    </RadioGroup.Root>
  );
}

function Row({ answer, taken }: { answer: Answer; taken: boolean }) {
  const cost = asks(answer);
  return (
    <RadioGroup.Item
      value={answer.rule}
      className="group flex w-full items-baseline gap-2.5 rounded-lg px-2 py-1 text-left hover:bg-enamel data-[state=checked]:bg-rim-soft"
    >
      <span
        aria-hidden="true"
        className="mt-0.5 size-4 shrink-0 self-start rounded-full border-2 border-faded group-data-[state=checked]:border-[5px] group-data-[state=checked]:border-rim"
      />
      <span className="min-w-0 flex-1">
        <span className={taken ? "font-semibold" : ""}>{named(answer)}</span>
        {taken && <span className="text-faded"> · {answer.becomes.map((b) => b.display).join(" + ")}</span>}
        {answer.dish && <span className="block text-sm">{answer.reason}</span>}
        {cost.length > 0 && <span className="block text-sm text-faded">{cost.join(" · ")}</span>}
        {answer.onlyIf && <span className="block text-sm text-warm">{answer.onlyIf}</span>}
      </span>
      <span className="shrink-0 font-medium tabular-nums">{percent(answer.fidelity)}</span>
    </RadioGroup.Item>
  );
}
