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
        <Card title="Before the oven" aside={`${minutes(active)} of work, first to start first`}>
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
          <Card title="Weight into the dish">
            <dl className="grid grid-cols-[auto_auto] justify-start gap-x-6 gap-y-1">
              <dt>Raw, all together</dt>
              <dd className="text-right">{grams(plan.massAfterGrams)}</dd>
              <dt>Cooked off and squeezed out</dt>
              <dd className="text-right">− {grams(cookedOffGrams)}</dd>
              {takenUpGrams > 0 && (
                <>
                  <dt>Taken up or stirred in</dt>
                  <dd className="text-right">+ {grams(takenUpGrams)}</dd>
                </>
              )}
              <dt className="font-bold">Enters the dish</dt>
              <dd className="text-right font-bold">{grams(readyGrams)}</dd>
            </dl>
            <p className="mt-2 text-sm text-faded">Shares cooked off are kitchen practice; trust the signs.</p>
          </Card>
        </>
      }
    />
  );
}
