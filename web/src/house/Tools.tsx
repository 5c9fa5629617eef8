import type { House, HouseChoices } from "../api";
import { Card } from "../ui";

type Tool = HouseChoices["tools"][number];

interface Props {
  tools: readonly Tool[];
  lacks: readonly string[];
  keptApart: readonly string[];
  onTools: (change: Partial<House>) => void;
}

const without = (list: readonly string[], id: string) => list.filter((t) => t !== id);

/** What the kitchen has, and what it keeps for strict food only. */
export function Tools({ tools, lacks, keptApart, onTools }: Props) {
  const have = (id: string, has: boolean) =>
    onTools(has ? { lacks: without(lacks, id) } : { lacks: [...lacks, id], keptApart: without(keptApart, id) });
  const apart = (id: string, kept: boolean) =>
    onTools(
      kept ? { keptApart: [...keptApart, id], lacks: without(lacks, id) } : { keptApart: without(keptApart, id) },
    );
  return (
    <Card title="Tools">
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b-2 border-line text-left text-sm text-faded">
            <th scope="col" className="pb-1 font-semibold">
              Tool
            </th>
            <th scope="col" className="pb-1 text-center font-semibold">
              We have it
            </th>
            <th scope="col" className="pb-1 text-center font-semibold">
              One kept for strict food
            </th>
          </tr>
        </thead>
        <tbody>
          {tools.map((t) => (
            <tr key={t.id} className="border-b border-line last:border-0">
              <th scope="row" className="py-1.5 text-left font-medium">
                {t.name}
                {!t.cleans && (
                  <span className="block text-sm font-normal text-warm">does not wash clean of gluten</span>
                )}
              </th>
              <td className="text-center">
                <Box label={`We have: ${t.name}`} on={!lacks.includes(t.id)} onTurn={(on) => have(t.id, on)} />
              </td>
              <td className="text-center">
                <Box
                  label={`Kept for strict food: ${t.name}`}
                  on={keptApart.includes(t.id)}
                  onTurn={(on) => apart(t.id, on)}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm text-faded">
        Smooth metal, glass and glazed ware come clean with hot soapy water and a rinse; wood, sieves and cloth do not
        for a strict gluten need. Kitchen practice; follow your local coeliac society's advice.
      </p>
    </Card>
  );
}

function Box({ label, on, onTurn }: { label: string; on: boolean; onTurn: (on: boolean) => void }) {
  return (
    <input
      type="checkbox"
      aria-label={label}
      checked={on}
      onChange={(e) => onTurn(e.target.checked)}
      className="size-6 accent-(--rim)"
    />
  );
}
