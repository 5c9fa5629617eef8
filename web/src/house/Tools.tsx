import type { House, HouseChoices } from "../api";
import { told } from "../messages";
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
    <Card title={told("web.ui.tools")}>
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b-2 border-line text-left text-sm text-faded">
            <th scope="col" className="pb-1 font-semibold">
              {told("web.house.tool")}
            </th>
            <th scope="col" className="pb-1 text-center font-semibold">
              {told("web.house.we-have-it")}
            </th>
            <th scope="col" className="pb-1 text-center font-semibold">
              {told("web.house.one-kept-for-strict-food")}
            </th>
          </tr>
        </thead>
        <tbody>
          {tools.map((t) => (
            <tr key={t.id} className="border-b border-line last:border-0">
              <th scope="row" className="py-1.5 text-left font-medium">
                {t.name}
                {!t.cleans && (
                  <span className="block text-sm font-normal text-warm">
                    {told("web.house.does-not-wash-clean-of-gluten")}
                  </span>
                )}
              </th>
              <td className="text-center">
                <Box
                  label={told("web.house.we-have", t.name)}
                  on={!lacks.includes(t.id)}
                  onTurn={(on) => have(t.id, on)}
                />
              </td>
              <td className="text-center">
                <Box
                  label={told("web.house.kept-for-strict-food", t.name)}
                  on={keptApart.includes(t.id)}
                  onTurn={(on) => apart(t.id, on)}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm text-faded">{told("web.house.smooth-metal-glass-and-glazed-ware")}</p>
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
