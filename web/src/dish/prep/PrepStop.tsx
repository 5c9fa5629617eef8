import { told } from "../../messages";
import { Card, grams, minutes, TwoColumns } from "../../ui";
import type { StopProps } from "../stopProps";
import { SaltCard } from "./SaltCard";
import { SaucesCard } from "./SaucesCard";
import { Steps } from "./Steps";
import { TimeLeft } from "./TimeLeft";
import { WaterCard } from "./WaterCard";

export function PrepStop({ plan, brief, edit, drawing }: StopProps) {
  const { steps, cookedOffGrams, takenUpGrams, readyGrams, water, salt, sauces } = plan.prep;
  const active = steps.reduce((sum, s) => sum + s.activeMinutes, 0);
  const mends = brief.prep?.mends ?? {};
  const mend = (next: Record<string, number>) => edit({ prep: { ...brief.prep, mends: next } });
  return (
    <TwoColumns
      drawing={drawing}
      first={
        <Card
          title={told("web.dish.before-the-oven")}
          aside={told("web.dish.of-work-first-to-start-first", minutes(active))}
        >
          <TimeLeft
            steps={steps}
            minutesLeft={brief.prep?.minutesLeft ?? null}
            onMinutes={(minutesLeft) => edit({ prep: { ...brief.prep, minutesLeft: minutesLeft ?? undefined } })}
          />
          <Steps steps={steps} />
        </Card>
      }
      second={
        <>
          <WaterCard water={water} mends={mends} onMends={mend} />
          <SaltCard salt={salt} />
          {sauces.length > 0 && <SaucesCard sauces={sauces} />}
          <Card title={told("web.dish.weight-into-the-dish")}>
            <dl className="grid grid-cols-[auto_auto] justify-start gap-x-6 gap-y-1">
              <dt>{told("web.dish.raw-all-together")}</dt>
              <dd className="text-right">{grams(plan.massAfterGrams)}</dd>
              <dt>{told("web.dish.cooked-off-and-squeezed-out")}</dt>
              <dd className="text-right">− {grams(cookedOffGrams)}</dd>
              {takenUpGrams > 0 && (
                <>
                  <dt>{told("web.dish.taken-up-or-stirred-in")}</dt>
                  <dd className="text-right">+ {grams(takenUpGrams)}</dd>
                </>
              )}
              <dt className="font-bold">{told("web.dish.enters-the-dish")}</dt>
              <dd className="text-right font-bold">{grams(readyGrams)}</dd>
            </dl>
            <p className="mt-2 text-sm text-faded">{told("web.dish.shares-cooked-off-are-kitchen-practice")}</p>
          </Card>
        </>
      }
    />
  );
}
