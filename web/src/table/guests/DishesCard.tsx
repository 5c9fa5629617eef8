import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, type Course } from "../../api";
import { told } from "../../messages";
import { Button, Card, NumberField, PickAny, SelectField } from "../../ui";
import { DishMark } from "../DishMark";
import type { ViewProps } from "../viewProps";

/** The dishes: whom each is for, how much, dropped or taken up again. */
export function DishesCard({ meal, plan, change }: Pick<ViewProps, "meal" | "plan" | "change">) {
  const shelf = useQuery({ queryKey: ["dishes", "shelf"], queryFn: api.shelf });
  const dishes = meal.dishes ?? [];
  const under = dishes.length > 0 && (meal.done?.length ?? 0) > 0;
  const set = (at: number, part: Partial<Course>) =>
    change({ dishes: dishes.map((d, i) => (i === at ? { ...d, ...part } : d)) });
  const more = (shelf.data ?? []).filter((s) => !dishes.some((d) => d.dish === s.id));
  const left = dishes.filter((d) => !d.dropped).length;
  return (
    <Card title={told("web.table.dishes")} aside={told("web.table.from-your-shelf")}>
      <ul className="divide-y divide-line">
        {dishes.map((d, i) => (
          <li key={`${d.dish}-${i}`} className="py-3 first:pt-0">
            <DishRow
              dish={d}
              index={i}
              name={plan.names[i] ?? shelf.data?.find((s) => s.id === d.dish)?.title ?? told("web.table.a-dish")}
              people={(meal.eaters ?? []).map((e) => e.name ?? "")}
              last={left === 1}
              onSet={(part) => set(i, part)}
              onRemove={() =>
                under
                  ? set(i, { dropped: true })
                  : change({ dishes: dishes.filter((_, k) => k !== i), order: undefined })
              }
            />
          </li>
        ))}
      </ul>
      {more.length > 0 && (
        <div className="mt-3 max-w-80">
          <SelectField
            label={told("web.table.add-a-dish-from-the-shelf")}
            value=""
            options={[
              { value: "", label: told("web.ui.choose") },
              ...more.map((s) => ({ value: s.id, label: s.title })),
            ]}
            onValue={(id) => id && change({ dishes: [...dishes, { dish: id }], order: undefined })}
          />
        </div>
      )}
    </Card>
  );
}

interface RowProps {
  dish: Course;
  index: number;
  name: string;
  people: readonly string[];
  last: boolean;
  onSet: (part: Partial<Course>) => void;
  onRemove: () => void;
}

function DishRow({ dish, index, name, people, last, onSet, onRemove }: RowProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <div className="flex flex-wrap items-center gap-2">
        <DishMark dish={index} />
        <div className={`min-w-0 flex-1 basis-44 ${dish.dropped ? "text-faded line-through" : ""}`}>
          {dish.dish ? (
            <Link to={`/dishes/${dish.dish}/swap`} className="font-semibold text-rim underline">
              {name}
            </Link>
          ) : (
            <span className="font-semibold">{name}</span>
          )}
          <p className="text-sm text-faded">
            {dish.dropped
              ? told("web.table.dropped")
              : dish.for
                ? told("web.ui.for", dish.for.join(", "))
                : told("web.table.for-everybody-who-can-eat-it")}
            {dish.servings ? told("web.table.servings", dish.servings) : ""}
            {dish.covered ? told("web.table.covered-in-the-oven") : ""}
          </p>
        </div>
        {dish.dropped ? (
          <Button look="quiet" className="min-h-9 text-sm" onClick={() => onSet({ dropped: undefined })}>
            {told("web.table.take-up-again")}
          </Button>
        ) : (
          <>
            <Button
              look="quiet"
              className="min-h-9 text-sm"
              aria-expanded={open}
              aria-label={told("web.ui.change", name)}
              onClick={() => setOpen(!open)}
            >
              {told("web.table.change")}
            </Button>
            <Button
              look="quiet"
              className="min-h-9 text-sm"
              aria-label={told("web.table.drop", name)}
              disabled={last}
              onClick={onRemove}
            >
              {told("web.table.drop-button")}
            </Button>
          </>
        )}
      </div>
      {open && !dish.dropped && (
        <div className="mt-2 flex flex-col gap-3 rounded-lg bg-enamel p-3">
          <div>
            <p className="mb-1 text-sm font-medium text-faded">
              {told("web.table.for-whom-none-chosen-everybody-who")}
            </p>
            <PickAny
              label={told("web.table.whom-is-for", name)}
              value={dish.for ?? []}
              options={people.map((p) => ({ value: p, label: p }))}
              onPick={(names) => onSet({ for: names.length ? names : undefined })}
            />
          </div>
          <NumberField
            label={told("web.table.servings-field")}
            value={dish.servings ?? null}
            min={1}
            max={60}
            optional
            onValue={(servings) => onSet({ servings: servings ?? undefined })}
          />
        </div>
      )}
    </>
  );
}
