import { useQuery } from "@tanstack/react-query";
import { api, type Feeding } from "../../api";
import { told } from "../../messages";
import { Button, Card, minutes, percent } from "../../ui";
import type { StopProps } from "../stopProps";

const ROWS: readonly { name: string; of: (w: Feeding) => string }[] = [
  { name: told("web.dish.work"), of: (w) => minutes(w.activeMinutes) },
  { name: told("web.dish.like-the-recipe-over-all-who"), of: (w) => percent(w.fidelity) },
  { name: told("web.dish.packets-to-read"), of: (w) => String(w.labels) },
  {
    name: told("web.dish.moments-to-keep-apart"),
    of: (w) => (w.strictMoments ? String(w.strictMoments) : told("web.ui.none")),
  },
  { name: told("web.dish.left-for-you-to-choose"), of: (w) => (w.open ? String(w.open) : told("web.dish.nothing")) },
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
      title={told("web.dish.one-dish-or-a-small-one")}
      aside={
        compared.data.advice === "one"
          ? told("web.dish.one-dish-is-better-here")
          : told("web.dish.two-dishes-are-better-here")
      }
    >
      <p>{compared.data.why}</p>
      <table className="mt-2 w-full border-collapse text-left">
        <thead>
          <tr className="align-bottom">
            <th scope="col" className="sr-only">
              {told("web.dish.what-it-takes")}
            </th>
            <th scope="col" className="py-1 pr-3 font-semibold">
              {told("web.dish.one-dish-for-all", one.dishes[0]?.servings)}
            </th>
            <th scope="col" className="py-1 font-semibold">
              {theirs &&
                told(
                  "web.dish.apart-the-rest-as-written",
                  list(theirs.people),
                  theirs.servings,
                  apart.dishes[1]?.servings,
                )}
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
          {told("web.dish.make-this-one-for-only", list(theirs.people))}
        </Button>
      )}
    </Card>
  );
}

function list(names: readonly string[]): string {
  return names.length < 2 ? names.join("") : told("web.dish.and", names.slice(0, -1).join(", "), names.at(-1));
}
