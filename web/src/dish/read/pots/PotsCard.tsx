import { useState } from "react";
import type { Brief, Correction, Recipe } from "../../../api";
import { told } from "../../../messages";
import { Card } from "../../../ui";
import { FlowPicture } from "./FlowPicture";
import { type Lit, litByLine, litByPot, NOTHING_LIT } from "./flow";
import { MethodText } from "./MethodText";
import { PotList } from "./PotList";
import { Unsure } from "./Unsure";

interface Props {
  recipe: Recipe;
  brief: Brief;
  edit: (change: Partial<Brief>) => void;
}

/** How the method was read: which pots fill the dish, with what, and how they lie in it. */
export function PotsCard({ recipe, brief, edit }: Props) {
  const [lit, setLit] = useState<Lit>(NOTHING_LIT);
  const procedure = recipe.procedure;
  if (!procedure) return null;
  const correct = (correction: Correction) => {
    const before = brief.recipe?.corrections ?? [];
    edit({ recipe: { ...brief.recipe, corrections: [...before, correction] } });
  };
  const again = (next: Lit) => setLit(same(lit, next) ? NOTHING_LIT : next);
  const onLine = (line: number) => again(litByLine(procedure, line));
  const onPot = (id: string) => again(litByPot(procedure, id));
  const corrections = brief.recipe?.corrections?.length ?? 0;
  return (
    <>
      <Card
        title={told("web.dish.pots-and-bowls-that-fill-the")}
        aside={corrections ? told("web.dish.corrected-by-you", corrections) : told("web.dish.touch-a-line-a-pot-or")}
      >
        <div className="hidden md:block">
          <FlowPicture procedure={procedure} lines={recipe.lines} lit={lit} onLine={onLine} onPot={onPot} />
        </div>
        <PotList recipe={recipe} procedure={procedure} lit={lit} onPot={onPot} onCorrect={correct} />
        <Unsure procedure={procedure} />
      </Card>
      <Card title={told("web.dish.method")} aside={told("web.dish.steps", recipe.steps.length)}>
        <MethodText steps={recipe.steps} procedure={procedure} lit={lit} onPot={onPot} />
      </Card>
    </>
  );
}

function same(a: Lit, b: Lit): boolean {
  return a.lines.size === b.lines.size && a.pots.size === b.pots.size && [...b.pots].every((p) => a.pots.has(p));
}
