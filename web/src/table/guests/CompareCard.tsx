import type { MealPlan } from "../../api";
import { told } from "../../messages";
import { Card, minutes, percent } from "../../ui";
import { DishMark } from "../DishMark";

/** For a dish not everybody can eat: one for all, or one apart. */
export function CompareCard({ plan }: { plan: MealPlan }) {
  if (plan.compare.length === 0) return null;
  return (
    <Card title={told("web.table.one-for-all-or-one-apart")}>
      <ul className="divide-y divide-line">
        {plan.compare.map((c) => (
          <li key={c.dish} className="py-2 first:pt-0">
            <p className="flex items-center gap-2 font-semibold">
              <DishMark dish={c.dish} small /> {told("web.table.not-for", plan.names[c.dish], c.cannot.join(", "))}
            </p>
            <p className="text-sm">
              {told(
                "web.table.one-for-all-of-work-its",
                minutes(c.oneForAll.minutes),
                percent(c.oneForAll.fidelity),
                c.oneForAll.checks,
                minutes(c.oneApart.minutes),
              )}
            </p>
            <p className="text-sm text-faded">{told("web.table.rather", c.advice, c.why)}</p>
          </li>
        ))}
      </ul>
    </Card>
  );
}
