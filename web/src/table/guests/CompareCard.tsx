import type { MealPlan } from "../../api";
import { Card, minutes, percent } from "../../ui";
import { DishMark } from "../DishMark";

/** For a dish not everybody can eat: one for all, or one apart. */
export function CompareCard({ plan }: { plan: MealPlan }) {
  if (plan.compare.length === 0) return null;
  return (
    <Card title="One for all, or one apart">
      <ul className="divide-y divide-line">
        {plan.compare.map((c) => (
          <li key={c.dish} className="py-2 first:pt-0">
            <p className="flex items-center gap-2 font-semibold">
              <DishMark dish={c.dish} small /> {plan.names[c.dish]}: not for {c.cannot.join(", ")}
            </p>
            <p className="text-sm">
              One for all: {minutes(c.oneForAll.minutes)} of work, its least near swap {percent(c.oneForAll.fidelity)}{" "}
              like the first, {c.oneForAll.checks} labels. One apart: {minutes(c.oneApart.minutes)} of work for both.
            </p>
            <p className="text-sm text-faded">
              Rather {c.advice}. {c.why}
            </p>
          </li>
        ))}
      </ul>
    </Card>
  );
}
