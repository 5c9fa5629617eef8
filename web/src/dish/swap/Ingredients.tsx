import type { Plan } from "../../api";
import { allergenWord, Card, grams } from "../../ui";

/** What goes into the dish now, with what to read on the packet. */
export function Ingredients({ plan }: { plan: Plan }) {
  return (
    <Card title="What goes in now" aside={`${grams(plan.massAfterGrams)} in all, was ${grams(plan.massBeforeGrams)}`}>
      <table className="w-full border-collapse text-left">
        <thead className="sr-only"><tr><th>Ingredient</th><th>Amount</th><th>Contains</th></tr></thead>
        <tbody>
          {plan.ingredients.map((i) => (
            <tr key={i.item} className="border-b border-line align-top last:border-0">
              <th scope="row" className="py-1.5 pr-3 font-medium">
                {i.item}
                {i.swapped && <span className="ml-2 rounded bg-rim-soft px-1.5 text-sm font-medium text-rim">new</span>}
                {i.label && <span className="block text-sm font-normal text-warm">{i.label}</span>}
              </th>
              <td className="whitespace-nowrap py-1.5 pr-3">{i.display}</td>
              <td className="py-1.5 text-sm text-faded">{i.allergens.map(allergenWord).join(", ")}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Card>
  );
}
