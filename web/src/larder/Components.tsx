import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type ComponentRecipe } from "../api";
import { told } from "../messages";
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
    <Card
      title={told("web.ui.made-at-home")}
      aside={components.data ? told("web.larder.recipes", all.length) : undefined}
    >
      {components.error && <p className="text-warm">{components.error.message}</p>}
      <PickOne
        label={told("web.larder.kind")}
        value={kind}
        onPick={setKind}
        options={[
          { value: ALL, label: told("web.larder.all") },
          ...kinds.map((k) => ({ value: k, label: sentence(k) })),
        ]}
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
            {told(
              "web.larder.of-work",
              minutes(recipe.active),
              recipe.passive > 0 && told("web.ui.by-itself", minutes(recipe.passive)),
              recipe.allergens.length
                ? told("web.larder.contains", recipe.allergens.map(allergenWord).join(", "))
                : told("web.larder.none-of-the-listed-allergens-by"),
            )}
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
            <strong>{told("web.ui.done-when")}</strong> {recipe.sign}
          </p>
          <p className="mt-1 text-sm text-faded">
            {told(
              "web.larder.makes-figures-kitchen-practice",
              grams(recipe.readyGrams),
              recipe.days > 0 ? told("web.larder.keeps-days-in-the-fridge", recipe.days) : told("web.ui.use-at-once"),
              recipe.freezes === "well"
                ? told("web.ui.freezes-well")
                : recipe.freezes === "weeps"
                  ? told("web.ui.weeps-when-frozen")
                  : told("web.ui.not-for-freezing"),
              recipe.tools.length > 0 &&
                told("web.larder.needs", recipe.tools.map((t) => t.replaceAll("-", " ")).join(", ")),
            )}
          </p>
        </div>
      </details>
    </li>
  );
}
