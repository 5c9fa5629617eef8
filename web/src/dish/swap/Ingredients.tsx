import type { Plan, ShoppingItem } from "../../api";
import { told } from "../../messages";
import { allergenWord, Card, grams } from "../../ui";

const BUY: Record<ShoppingItem["buy"], string | null> = {
  any: null,
  "read-label": told("web.dish.read-the-label-heading"),
  "with-claim": told("web.dish.only-with-a-claim-heading"),
  ask: told("web.dish.ask-what-it-is-heading"),
};

/** What to have in the kitchen, and how to buy it for these needs. */
export function Ingredients({ plan }: { plan: Plan }) {
  const checks = plan.ingredients.filter((i) => i.buy !== "any").length;
  return (
    <Card
      title={told("web.dish.what-goes-in-now")}
      aside={told(
        "web.dish.in-all-was",
        grams(plan.massAfterGrams),
        grams(plan.massBeforeGrams),
        checks ? told("web.dish.to-check-in-the-shop", checks) : "",
      )}
    >
      <table className="w-full border-collapse text-left">
        <thead className="sr-only">
          <tr>
            <th>{told("web.dish.ingredient")}</th>
            <th>{told("web.dish.amount")}</th>
            <th>{told("web.dish.contains")}</th>
          </tr>
        </thead>
        <tbody>
          {plan.ingredients.map((i) => (
            <tr key={i.ingredient ?? i.item} className="border-b border-line align-top last:border-0">
              <th scope="row" className="py-1 pr-3 font-medium [overflow-wrap:break-word]">
                {i.item}
                {i.swapped && (
                  <span className="ml-2 rounded bg-rim-soft px-1.5 text-sm font-medium text-rim">
                    {told("web.dish.new")}
                  </span>
                )}
                {BUY[i.buy] && (
                  <span className="ml-2 rounded bg-warm-soft px-1.5 text-sm font-semibold whitespace-nowrap text-warm">
                    {BUY[i.buy]}
                  </span>
                )}
              </th>
              <td className="py-1 pr-3">{i.display}</td>
              <td className="py-1 text-sm text-faded">{i.allergens.map(allergenWord).join(", ")}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Card>
  );
}
