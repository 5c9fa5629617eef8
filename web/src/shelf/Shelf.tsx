import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { Away, api, type ShelfDish } from "../api";
import { CrossSection } from "../drawing";
import { allergenWord, FAMILY_WORDS, Notice, Page } from "../ui";

export function Shelf() {
  const dishes = useQuery({
    queryKey: ["dishes", "shelf"],
    queryFn: api.shelf,
    refetchInterval: (q) => (q.state.error ? 3_000 : false),
  });
  return (
    <Page title="Nabe">
      <div className="mb-5 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-2xl font-bold">Your shelf</h1>
          <p className="text-faded">Layered bakes you trust, made to fit the people who eat.</p>
        </div>
        <ReadLink />
      </div>
      {dishes.error && (
        <Notice tone="warm" title="The shelf cannot be reached">
          {dishes.error instanceof Away
            ? `${dishes.error.message} It shows again by itself when it is back.`
            : dishes.error.message}
        </Notice>
      )}
      {dishes.data?.length === 0 && (
        <div className="rounded-xl border-2 border-dashed border-line p-8 text-center">
          <p className="text-lg font-semibold">Nothing on the shelf yet.</p>
          <p className="mb-4 text-faded">Paste the recipe of a bake you trust, and say who it must be safe for.</p>
          <ReadLink />
        </div>
      )}
      <ul className="grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
        {dishes.data?.map((dish) => (
          <OnShelf key={dish.id} dish={dish} />
        ))}
      </ul>
    </Page>
  );
}

function ReadLink() {
  return (
    <Link
      to="/read"
      className="inline-flex min-h-11 items-center rounded-lg bg-rim px-5 font-semibold text-on-rim hover:brightness-110"
    >
      Read a recipe
    </Link>
  );
}

function OnShelf({ dish }: { dish: ShelfDish }) {
  const needs = [...dish.needs, ...dish.avoid.map((a) => `no ${allergenWord(a)}`)];
  return (
    <li>
      <Link
        to={`/dishes/${dish.id}/swap`}
        className="flex h-full flex-col rounded-xl border border-line bg-sheet p-4 hover:border-rim"
      >
        <div className="mb-3 h-28">{dish.build && <Small title={dish.title} build={dish.build} />}</div>
        <h2 className="text-lg font-bold leading-snug">{dish.title}</h2>
        <p className="mt-0.5 text-sm text-faded">
          {dish.build
            ? [
                dish.family && FAMILY_WORDS[dish.family],
                dish.servings && `${dish.servings} servings`,
                `${dish.build.layers.length} layers, ${Math.round(dish.build.heightMm)} mm`,
              ]
                .filter(Boolean)
                .join(" · ")
            : "It cannot be worked out: open it to see why."}
        </p>
        <p className="mt-2 flex flex-wrap gap-1.5 text-sm">
          {needs.map((n) => (
            <span key={n} className="rounded-md bg-rim-soft px-2 py-0.5 font-medium text-rim">
              {n}
            </span>
          ))}
          {dish.strict && <span className="rounded-md bg-warm-soft px-2 py-0.5 font-medium text-warm">strict</span>}
        </p>
      </Link>
    </li>
  );
}

function Small({ title, build }: { title: string; build: Parameters<typeof CrossSection>[0]["build"] }) {
  return (
    <div className="h-full overflow-hidden [&_figure]:h-full [&_svg]:h-full">
      <CrossSection build={build} title={title} small />
    </div>
  );
}
