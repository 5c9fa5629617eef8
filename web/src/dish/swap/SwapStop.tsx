import { told } from "../../messages";
import { Button, Card, Notice, TwoColumns } from "../../ui";
import { Cautions } from "../Cautions";
import { NearestFoods } from "../NearestFoods";
import { withLine } from "../read/corrections";
import type { StopProps } from "../stopProps";
import { DifferencesCard } from "./DifferencesCard";
import { Ingredients } from "./Ingredients";
import { MadeCard } from "./MadeCard";
import { NeedsPicker } from "./NeedsPicker";
import { OneOrApartCard } from "./OneOrApartCard";
import { SchoolsCard } from "./SchoolsCard";
import { SwapCard } from "./SwapCard";

export function SwapStop({ plan, brief, edit, drawing }: StopProps) {
  const choose = (source: number, rule: string | null) => {
    const { [source]: _old, ...rest } = brief.choices ?? {};
    edit({ choices: rule === null ? rest : { ...rest, [source]: rule } });
  };
  const name = async (source: number, ingredient: string) => {
    const line = plan.recipe.lines[source];
    if (line) {
      const recipe = await withLine(brief.recipe ?? {}, source, {
        text: line.text,
        heading: line.heading,
        ingredient,
      });
      edit({ recipe });
    }
  };
  const make = (id: string, how: string) => edit({ made: { ...brief.made, [id]: how } });
  const asked = plan.needs.needs.length > 0 || plan.needs.avoid.length > 0;
  const labels = plan.cautions.filter((c) => c.kind === "label");
  const bought = Object.entries(brief.made ?? {})
    .filter(([, how]) => how === "bought")
    .map(([id]) => id);
  return (
    <TwoColumns
      drawing={drawing}
      first={
        <>
          <NeedsPicker plan={plan} brief={brief} edit={edit} />
          {plan.unresolved.length > 0 && (
            <Notice
              tone="danger"
              title={told(
                "web.dish.left-out-of-the-dish",
                plan.unresolved.length === 1
                  ? told("web.dish.one-line-is")
                  : told("web.dish.lines-are", plan.unresolved.length),
              )}
            >
              <ul className="mt-1 space-y-2">
                {plan.unresolved.map((u) => (
                  <li key={`${u.source}-${u.text}`}>
                    <strong>{u.text}</strong>: {u.why}
                    <NearestFoods text={u.text} nearest={u.nearest} onIs={(id) => void name(u.source, id)} />
                    <Button
                      look="quiet"
                      className="min-h-8 px-2 py-0.5 text-sm"
                      aria-label={told("web.dish.leave-out", u.text)}
                      onClick={() => choose(u.source, "leave-out")}
                    >
                      {told("web.dish.leave-out-button")}
                    </Button>
                  </li>
                ))}
              </ul>
            </Notice>
          )}
          <OneOrApartCard brief={brief} edit={edit} />
          <Card title={told("web.dish.was-becomes")} aside={plan.swaps.length ? swapsAside(plan) : undefined}>
            {plan.swaps.length === 0 && (
              <p className="text-faded">
                {asked ? told("web.dish.everything-in-this-recipe-fits-as") : told("web.dish.say-above-who-it-must-be")}
              </p>
            )}
            <ul className="divide-y divide-line">
              {plan.swaps.map((swap, i) => (
                <SwapCard key={`${swap.source}-${i}`} swap={swap} onChoose={(rule) => choose(swap.source, rule)} />
              ))}
            </ul>
          </Card>
        </>
      }
      second={
        <>
          <DifferencesCard differences={plan.differences} brief={brief} edit={edit} />
          {plan.components.length > 0 && <MadeCard made={plan.components} onMake={make} />}
          {bought.map((id) => (
            <Notice key={id} tone="plain">
              {told(
                "web.dish.bought-ready",
                plan.ingredients.find((i) => i.ingredient === id)?.item ?? id.replaceAll("-", " "),
              )}{" "}
              <Button look="quiet" className="min-h-8 px-2 py-0.5 text-sm" onClick={() => make(id, "home")}>
                {told("web.dish.make-it-at-home")}
              </Button>
            </Notice>
          ))}
          <SchoolsCard brief={brief} edit={edit} />
          <Ingredients plan={plan} />
          {labels.length > 0 && (
            <Card title={told("web.dish.labels-to-read")} aside={told("web.dish.each-is-marked-in-the-list")}>
              <details>
                <summary className="cursor-pointer py-1 font-semibold text-rim">
                  {told("web.dish.which-for-what-and-why")}
                </summary>
                <Cautions cautions={labels} />
              </details>
            </Card>
          )}
        </>
      }
    />
  );
}

function swapsAside({ swaps }: StopProps["plan"]): string {
  const open = swaps.filter((s) => s.rule === "open").length;
  const count = told("web.dish.swap-is-how-like-the-original", swaps.length);
  return open ? told("web.dish.for-you-to-choose", open, count) : count;
}
