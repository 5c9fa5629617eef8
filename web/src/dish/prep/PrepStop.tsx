import { told } from "../../messages";
import { Card, minutes, TwoColumns } from "../../ui";
import type { StopProps } from "../stopProps";
import { SaltCard } from "./SaltCard";
import { SaucesCard } from "./SaucesCard";
import { Steps } from "./Steps";
import { TimeLeft } from "./TimeLeft";
import { WaterCard } from "./WaterCard";
import { WeightCard } from "./WeightCard";

export function PrepStop({ plan, brief, edit, drawing }: StopProps) {
  const { steps, water, salt, sauces } = plan.prep;
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
          <WeightCard plan={plan} />
        </>
      }
    />
  );
}
