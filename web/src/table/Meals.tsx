import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { Away, api, type House, type KeptMeal, type MealBrief } from "../api";
import { rich, told } from "../messages";
import { Button, Notice, Page, useToast } from "../ui";
import { clock, day, later, now } from "./time";

/** Every meal, and the way to a new one. */
export function Meals() {
  const go = useNavigate();
  const meals = useQuery({
    queryKey: ["meals"],
    queryFn: api.meals,
    refetchInterval: (q) => (q.state.error ? 3_000 : false),
  });
  const house = useQuery({ queryKey: ["house"], queryFn: api.house });
  const shelf = useQuery({ queryKey: ["dishes", "shelf"], queryFn: api.shelf });
  const lay = useMutation({
    mutationFn: api.layMeal,
    onSuccess: (kept) => go(`/table/${kept.id}/guests`),
  });
  const say = useToast();
  const queries = useQueryClient();
  const again = () => queries.invalidateQueries({ queryKey: ["meals"] });
  const putBack = useMutation({ mutationFn: (meal: KeptMeal) => api.putMealBack(meal.id), onSettled: again });
  const putAway = useMutation({
    mutationFn: (meal: KeptMeal) => api.putMealAway(meal.id),
    onSuccess: (_, meal) =>
      say({
        words: told("web.table.is-off-the-table", meal.meal.title),
        undo: {
          label: told("web.ui.put-it-back"),
          says: told("web.table.put-it-back-on-the-table"),
          act: () => putBack.mutate(meal),
        },
      }),
    onSettled: again,
  });
  const unmoved = putAway.error ?? putBack.error;
  const dish = shelf.data?.[0]?.id;
  return (
    <Page title={told("web.ui.table")}>
      <div className="mb-5 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-2xl font-bold">{told("web.table.the-table")}</h1>
          <p className="text-faded">{told("web.table.a-whole-meal-one-oven-everything")}</p>
        </div>
        <Button
          look="main"
          disabled={!dish || lay.isPending}
          onClick={() => dish && lay.mutate(fresh(dish, house.data?.house))}
        >
          {told("web.table.plan-a-meal")}
        </Button>
      </div>
      {(meals.error || lay.error) && (
        <Notice tone="warm" title={told("web.table.the-table-cannot-be-reached")}>
          {(meals.error ?? lay.error)?.message}{" "}
          {meals.error instanceof Away && told("web.table.it-shows-again-by-itself")}
        </Notice>
      )}
      {unmoved && (
        <Notice tone="danger" title={told("web.table.the-table-is-as-it-was")}>
          {unmoved.message}
        </Notice>
      )}
      {shelf.data?.length === 0 && (
        <Notice title={told("web.table.first-a-dish")}>
          {rich("web.table.a-meal-is-made-of-dishes", {
            a: (words) => (
              <Link to="/read" className="font-semibold text-rim underline">
                {words}
              </Link>
            ),
          })}
        </Notice>
      )}
      <ul className="grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
        {meals.data?.map((m) => (
          <li key={m.id} className="relative">
            <Button
              look="quiet"
              className="absolute top-2 right-2 min-h-9 bg-sheet px-2 text-sm"
              aria-label={told("web.table.take-off-the-table", m.meal.title)}
              onClick={() => putAway.mutate(m)}
            >
              {told("web.table.remove")}
            </Button>
            <Link
              to={`/table/${m.id}/clock`}
              className="flex h-full flex-col rounded-xl border border-line bg-sheet p-4 hover:border-rim"
            >
              <h2 className="pr-20 text-lg font-bold leading-snug">{m.meal.title}</h2>
              <p className="mt-1">{when(m)}</p>
              <p className="mt-1 text-sm text-faded">{about(m)}</p>
            </Link>
          </li>
        ))}
      </ul>
    </Page>
  );
}

function when({ meal }: KeptMeal): string {
  return meal.serveAt ? told("web.table.on-the-table-at", day(meal.serveAt), clock(meal.serveAt)) : "";
}

function about({ meal }: KeptMeal): string {
  const strict = meal.eaters?.filter((e) => e.strict).length ?? 0;
  const dishes = meal.dishes?.filter((d) => !d.dropped).length ?? 0;
  return [
    told("web.table.people", meal.eaters?.length ?? 0),
    strict ? told("web.table.strict", strict) : null,
    told("web.table.dish", dishes),
  ]
    .filter(Boolean)
    .join(" · ");
}

/** Tomorrow at half past seven, for the people of the house, with one dish of the shelf. */
function fresh(dish: string, house: House | undefined): MealBrief {
  const serveAt = `${later(now(), 24 * 60).slice(0, 10)}T19:30`;
  const people = house?.people ?? [];
  return {
    title: told("web.table.a-meal"),
    serveAt,
    eaters: people.length
      ? people.map((p) => ({
          name: p.name,
          needs: [...(p.needs ?? []), ...(p.avoid ?? [])],
          strict: p.strict,
          oats: p.needs?.includes("gluten-free") ? (p.certifiedOats ? "certified" : "none") : undefined,
        }))
      : [{ name: told("web.table.the-cook"), needs: [], strict: false }],
    dishes: [{ dish }],
    kitchen: {
      cooks: 1,
      burners: 4,
      ovens: [{ shelves: 2, fan: false }],
      tools: [],
      sittings: [{ from: `${serveAt.slice(0, 10)}T14:00`, to: serveAt }],
    },
  };
}
