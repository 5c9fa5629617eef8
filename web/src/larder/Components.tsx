import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type ComponentRecipe } from "../api";
import { allergenWord, Card, grams, minutes, PickOne, sentence } from "../ui";

const ALL = "all";

/** Recipes of what a cook makes at home to stand in a bake. */
export function Components() {
  const components = useQuery({ queryKey: ["components"], queryFn: api.components, staleTime: Infinity });
  const [kind, setKind] = useState(ALL);
  const all = components.data ?? [];
  const kinds = [...new Set(all.map((c) => c.kind))];
  const shown = all.filter((c) => kind === ALL || c.kind === kind);
  return (
    <Card title="Made at home" aside={components.data ? `${all.length} recipes` : undefined}>
      {components.error && <p className="text-warm">{components.error.message}</p>}
      <PickOne
        label="Kind"
        value={kind}
        onPick={setKind}
        options={[{ value: ALL, label: "All" }, ...kinds.map((k) => ({ value: k, label: sentence(k) }))]}
      />
      <ul className="mt-3 divide-y divide-line">
        {shown.map((c) => (
          <Recipe key={c.id} recipe={c} />
        ))}
      </ul>
    </Card>
  );
}

function Recipe({ recipe }: { recipe: ComponentRecipe }) {
  return (
    <li className="py-2">
      <details>
        <summary className="cursor-pointer">
          <strong className="font-semibold">{recipe.name}</strong>
          <span className="text-sm text-faded">
            {" "}
            · {minutes(recipe.active)} of work{recipe.passive > 0 && `, ${minutes(recipe.passive)} by itself`} ·{" "}
            {recipe.allergens.length
              ? `contains ${recipe.allergens.map(allergenWord).join(", ")}`
              : "none of the listed allergens by its kind"}
          </span>
        </summary>
        <div className="mt-2 rounded-lg bg-enamel p-3">
          <ul className="grid gap-x-6 sm:grid-cols-2">
            {recipe.ingredients.map((i) => (
              <li key={i.ingredient}>
                {i.item} · {grams(i.grams)}
              </li>
            ))}
          </ul>
          <ol className="mt-2 list-decimal space-y-1 pl-5">
            {recipe.steps.map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ol>
          <p className="mt-1">
            <strong>Done when:</strong> {recipe.sign}
          </p>
          <p className="mt-1 text-sm text-faded">
            Makes {grams(recipe.readyGrams)};{" "}
            {recipe.days > 0 ? `keeps ${recipe.days} days in the fridge` : "use at once"};{" "}
            {recipe.freezes === "well"
              ? "freezes well"
              : recipe.freezes === "weeps"
                ? "weeps when frozen"
                : "not for freezing"}
            {recipe.tools.length > 0 && `; needs ${recipe.tools.map((t) => t.replaceAll("-", " ")).join(", ")}`}.
            Figures: kitchen practice.
          </p>
        </div>
      </details>
    </li>
  );
}
