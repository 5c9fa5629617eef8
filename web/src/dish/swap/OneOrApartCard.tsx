import { useQuery } from "@tanstack/react-query";
import { api, type Feeding } from "../../api";
import { Button, Card, minutes, percent } from "../../ui";
import type { StopProps } from "../stopProps";

const ROWS: readonly { name: string; of: (w: Feeding) => string }[] = [
  { name: "Work", of: (w) => minutes(w.activeMinutes) },
  { name: "Like the recipe, over all who eat", of: (w) => percent(w.fidelity) },
  { name: "Packets to read", of: (w) => String(w.labels) },
  { name: "Moments to keep apart", of: (w) => (w.strictMoments ? String(w.strictMoments) : "none") },
  { name: "Left for you to choose", of: (w) => (w.open ? String(w.open) : "nothing") },
];

/** One dish for everybody who eats it, or a small one apart: both worked out, with Nabe's advice. */
export function OneOrApartCard({ brief, edit }: Pick<StopProps, "brief" | "edit">) {
  const compared = useQuery({
    queryKey: ["one-or-apart", brief],
    queryFn: () => api.oneOrApart(brief),
    enabled: (brief.eaters?.length ?? 0) > 1,
    placeholderData: (before) => before,
  });
  const one = compared.data?.one;
  const apart = compared.data?.apart;
  if (!compared.data || !one || !apart || (brief.eaters?.length ?? 0) < 2) return null;
  const theirs = apart.dishes[0];
  return (
    <Card
      title="One dish, or a small one apart?"
      aside={compared.data.advice === "one" ? "one dish is better here" : "two dishes are better here"}
    >
      <p>{compared.data.why}</p>
      <table className="mt-2 w-full border-collapse text-left">
        <thead>
          <tr className="align-bottom">
            <th scope="col" className="sr-only">
              What it takes
            </th>
            <th scope="col" className="py-1 pr-3 font-semibold">
              One dish for all ({one.dishes[0]?.servings})
            </th>
            <th scope="col" className="py-1 font-semibold">
              {theirs &&
                `${list(theirs.people)} apart (${theirs.servings}), the rest as written (${apart.dishes[1]?.servings})`}
            </th>
          </tr>
        </thead>
        <tbody>
          {ROWS.map((r) => (
            <tr key={r.name} className="border-t border-line">
              <th scope="row" className="py-1 pr-3 font-medium text-faded">
                {r.name}
              </th>
              <td className="py-1 pr-3">{r.of(one)}</td>
              <td className="py-1">{r.of(apart)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {theirs && (
        <Button className="mt-2 text-sm" onClick={() => edit({ eaters: theirs.ids, servings: theirs.servings })}>
          Make this one for {list(theirs.people)} only
        </Button>
      )}
    </Card>
  );
}

function list(names: readonly string[]): string {
  return names.length < 2 ? names.join("") : `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;
}
