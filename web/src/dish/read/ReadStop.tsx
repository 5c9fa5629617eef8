import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Line, type LineInBrief, type RecipeInBrief } from "../../api";
import { told } from "../../messages";
import { Card, FAMILY_WORDS, NumberField, SelectField, TwoColumns } from "../../ui";
import type { StopProps } from "../stopProps";
import { withLine } from "./corrections";
import { LineRow } from "./LineRow";
import { PotsCard } from "./pots/PotsCard";

export function ReadStop({ plan, brief, edit, drawing }: StopProps) {
  const [open, setOpen] = useState<number | null>(null);
  const larder = useQuery({ queryKey: ["larder"], queryFn: api.larder, staleTime: Infinity, enabled: open !== null });
  const recipe = plan.recipe;
  const doubts = recipe.lines.filter((l) => l.doubt).length;
  const correct = async (index: number, line: LineInBrief) => {
    const changed: RecipeInBrief = await withLine(brief.recipe ?? {}, index, line);
    edit({ recipe: changed });
    setOpen(null);
  };
  return (
    <TwoColumns
      drawing={drawing}
      first={
        <>
          <Card
            title={told("web.dish.what-was-understood")}
            aside={
              doubts
                ? told("web.dish.of-lines-to-look-at", doubts, recipe.lines.length)
                : told("web.dish.lines-none-in-doubt", recipe.lines.length)
            }
          >
            <div className="mb-3 flex flex-wrap items-end gap-4">
              <NumberField
                label={told("web.dish.cook-for")}
                unit={told("web.dish.servings")}
                optional
                min={1}
                max={200}
                value={brief.servings ?? recipe.servings ?? null}
                onValue={(servings) => edit({ servings: servings ?? undefined })}
              />
              <SelectField
                label={told("web.dish.kind-of-dish")}
                value={brief.recipe?.family ?? ""}
                options={families(plan, brief)}
                onValue={(family) => edit({ recipe: { ...brief.recipe, family: family || undefined } })}
              />
              <p className="pb-2 text-sm text-faded">{aboutPan(plan)}</p>
            </div>
            <div className="hidden grid-cols-2 gap-4 border-b-2 border-line pb-1 text-sm font-semibold text-faded sm:grid">
              <span>{told("web.dish.your-text")}</span>
              <span>{told("web.dish.understood-as")}</span>
            </div>
            <ol>
              {recipe.lines.map((line, i) => (
                <Headed key={`${i}-${line.text}`} line={line} before={recipe.lines[i - 1]}>
                  <LineRow
                    line={line}
                    open={open === i}
                    larder={larder.data ?? []}
                    onOpen={() => setOpen(open === i ? null : i)}
                    onCorrect={(l) => void correct(i, l)}
                  />
                </Headed>
              ))}
            </ol>
          </Card>
          <PotsCard recipe={recipe} brief={brief} edit={edit} />
          {recipe.asides.length > 0 && (
            <Card title={told("web.dish.kept-aside")} aside={told("web.dish.neither-ingredient-nor-step")}>
              <ul className="space-y-1 text-faded">
                {recipe.asides.map((a, i) => (
                  <li key={`${i}-${a}`}>{a}</li>
                ))}
              </ul>
            </Card>
          )}
        </>
      }
    />
  );
}

function Headed({ line, before, children }: { line: Line; before?: Line; children: React.ReactNode }) {
  const fresh = line.heading && line.heading !== before?.heading;
  return (
    <li>
      {fresh && <h3 className="mt-3 text-sm font-bold text-rim">{line.heading}</h3>}
      {children}
    </li>
  );
}

function families({ recipe }: StopProps["plan"], brief: StopProps["brief"]) {
  const read = brief.recipe?.family
    ? told("web.dish.as-it-was-read")
    : told("web.dish.as-it-was-read-kind", FAMILY_WORDS[recipe.family].toLowerCase());
  return [{ value: "", label: read }, ...Object.entries(FAMILY_WORDS).map(([value, label]) => ({ value, label }))];
}

function aboutPan({ recipe }: StopProps["plan"]): string {
  const oven = recipe.oven.celsius
    ? told("web.dish.oven", 5 * Math.round(recipe.oven.celsius / 5))
    : told("web.dish.no-oven-temperature-found");
  if (!recipe.pan) return told("web.dish.no-pan-named", oven);
  const size = recipe.pan.litres
    ? told("web.dish.litres", recipe.pan.litres.toFixed(1))
    : recipe.pan.diameterMm
      ? told("web.dish.mm-across", recipe.pan.diameterMm)
      : told("web.dish.mm", recipe.pan.lengthMm, recipe.pan.widthMm);
  return told("web.dish.oven-and-pan", oven, recipe.pan.shape, size);
}
