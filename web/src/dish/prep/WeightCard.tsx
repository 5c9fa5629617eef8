import type { Plan } from "../../api";
import { told } from "../../messages";
import { Card, grams } from "../../ui";

const sum = (parts: readonly { grams: number }[]) => parts.reduce((all, p) => all + p.grams, 0);
const WORTH_A_LINE = 1;

/** From what is bought to what lies in the dish, sheets that this pan takes beyond the recipe's with it. */
export function WeightCard({ plan }: { plan: Plan }) {
  const { cookedOffGrams, takenUpGrams, readyGrams } = plan.prep;
  const { layers, leftovers, overflow } = plan.build;
  const built = sum(layers) + sum(leftovers) + (overflow?.grams ?? 0);
  const more = built - readyGrams;
  return (
    <Card title={told("web.dish.weight-into-the-dish")}>
      <dl className="grid grid-cols-[auto_auto] justify-start gap-x-6 gap-y-1">
        <dt>{told("web.dish.raw-all-together")}</dt>
        <dd className="text-right">{grams(plan.massAfterGrams)}</dd>
        <dt>{told("web.dish.cooked-off-and-squeezed-out")}</dt>
        <dd className="text-right">− {grams(cookedOffGrams)}</dd>
        {takenUpGrams > 0 && (
          <>
            <dt>{told("web.dish.taken-up-or-stirred-in")}</dt>
            <dd className="text-right">+ {grams(takenUpGrams)}</dd>
          </>
        )}
        {more > WORTH_A_LINE && (
          <>
            <dt>{told("web.dish.more-sheets-for-this-pan")}</dt>
            <dd className="text-right">+ {grams(more)}</dd>
          </>
        )}
        <dt className="font-bold">{told("web.dish.enters-the-dish")}</dt>
        <dd className="text-right font-bold">{grams(more > WORTH_A_LINE ? built : readyGrams)}</dd>
      </dl>
      <p className="mt-2 text-sm text-faded">{told("web.dish.shares-cooked-off-are-kitchen-practice")}</p>
    </Card>
  );
}
