import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { Away, api, type ShelfDish } from "../api";
import { CrossSection } from "../drawing";
import { orLast, seenAt } from "../kept";
import { told } from "../messages";
import { allergenWord, Button, FAMILY_WORDS, Notice, needWord, Page, SelectField, TextField, useToast } from "../ui";
import { found, type Order } from "./find";

/** From so many dishes on a shelf wants looking through. */
const MANY = 6;

export function Shelf() {
  const [words, setWords] = useState("");
  const [order, setOrder] = useState<Order>("changed");
  const say = useToast();
  const queries = useQueryClient();
  const again = () => queries.invalidateQueries({ queryKey: ["dishes"] });
  const putBack = useMutation({
    mutationFn: (dish: ShelfDish) => api.putBack(dish.id),
    onSuccess: again,
  });
  const putAway = useMutation({
    mutationFn: (dish: ShelfDish) => api.putAway(dish.id),
    onSuccess: (_, dish) => {
      say({
        words: told("web.ui.is-off-the-shelf", dish.title),
        undo: {
          label: told("web.ui.put-it-back"),
          says: told("web.ui.put-it-back-on-the-shelf"),
          act: () => putBack.mutate(dish),
        },
      });
      void again();
    },
  });
  const dishes = useQuery({
    queryKey: ["dishes", "shelf"],
    queryFn: () => orLast("shelf", "", api.shelf),
    refetchInterval: (q) => (q.state.error || seenAt.now() ? 3_000 : false),
  });
  const shown = found(dishes.data ?? [], words, order);
  return (
    <Page title="Nabe">
      <div className="mb-5 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-2xl font-bold">{told("web.ui.your-shelf")}</h1>
          <p className="text-faded">{told("web.ui.layered-bakes-you-trust-made-to")}</p>
        </div>
        <ReadLink />
      </div>
      {dishes.error && (
        <Notice tone="warm" title={told("web.ui.the-shelf-cannot-be-reached")}>
          {dishes.error instanceof Away
            ? told("web.ui.it-shows-again-by-itself-when", dishes.error.message)
            : dishes.error.message}
        </Notice>
      )}
      {dishes.data?.length === 0 && (
        <div className="rounded-xl border-2 border-dashed border-line p-8 text-center">
          <p className="text-lg font-semibold">{told("web.ui.nothing-on-the-shelf-yet")}</p>
          <p className="mb-4 text-faded">{told("web.ui.paste-the-recipe-of-a-bake")}</p>
          <ReadLink />
        </div>
      )}
      {(putAway.error ?? putBack.error) && (
        <Notice tone="danger" title={told("web.ui.the-shelf-is-as-it-was")}>
          {(putAway.error ?? putBack.error)?.message}
        </Notice>
      )}
      {(dishes.data?.length ?? 0) > MANY && (
        <search className="mb-4 flex flex-wrap items-end gap-4">
          <TextField label={told("web.ui.find-a-dish")} value={words} onValue={setWords} />
          <SelectField
            label={told("web.ui.order")}
            value={order}
            options={[
              { value: "changed", label: told("web.ui.last-changed-first") },
              { value: "name", label: told("web.ui.by-name") },
              { value: "kind", label: told("web.ui.by-kind-of-dish") },
            ]}
            onValue={(o) => setOrder(o as Order)}
          />
        </search>
      )}
      {dishes.isPending && <Waiting />}
      {dishes.data && dishes.data.length > 0 && shown.length === 0 && (
        <p className="text-faded">{told("web.ui.no-dish-on-the-shelf-has", words)}</p>
      )}
      <ul className="grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
        {shown.map((dish) => (
          <OnShelf key={dish.id} dish={dish} onPutAway={() => putAway.mutate(dish)} />
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
      {told("web.ui.read-a-recipe")}
    </Link>
  );
}

/** Where dishes will be. */
function Waiting() {
  return (
    <div
      role="status"
      aria-label={told("web.ui.fetching-the-shelf")}
      className="grid gap-4 sm:grid-cols-2 xl:grid-cols-3"
    >
      {[1, 2, 3].map((n) => (
        <div key={n} className="h-56 rounded-xl border border-line bg-sheet motion-safe:animate-pulse" />
      ))}
    </div>
  );
}

function OnShelf({ dish, onPutAway }: { dish: ShelfDish; onPutAway: () => void }) {
  const needs = [...dish.needs.map(needWord), ...dish.avoid.map((a) => told("web.ui.no", allergenWord(a)))];
  return (
    <li className="group relative">
      <Button
        look="quiet"
        className="absolute top-2 right-2 z-10 min-h-9 bg-sheet px-2 text-sm"
        aria-label={told("web.ui.take-off-the-shelf", dish.title)}
        onClick={onPutAway}
      >
        {told("web.ui.remove-button")}
      </Button>
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
                dish.servings && told("web.ui.servings", dish.servings),
                told("web.ui.layers-mm", dish.build.layers.length, Math.round(dish.build.heightMm)),
              ]
                .filter(Boolean)
                .join(" · ")
            : told("web.ui.it-cannot-be-worked-out-open")}
        </p>
        <p className="mt-2 flex flex-wrap gap-1.5 text-sm">
          {needs.map((n) => (
            <span key={n} className="rounded-md bg-rim-soft px-2 py-0.5 font-medium text-rim">
              {n}
            </span>
          ))}
          {dish.strict && (
            <span className="rounded-md bg-warm-soft px-2 py-0.5 font-medium text-warm">{told("web.ui.strict")}</span>
          )}
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
