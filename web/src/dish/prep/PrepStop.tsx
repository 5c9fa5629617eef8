import { Card, grams, minutes } from "../../ui";
import type { StopProps } from "../stopProps";

export function PrepStop({ plan }: StopProps) {
  const { steps, cookedOffGrams, takenUpGrams, readyGrams } = plan.prep;
  const active = steps.reduce((sum, s) => sum + s.activeMinutes, 0);
  return (
    <div className="flex flex-col gap-5">
      <Card title="Before the oven" aside={`${minutes(active)} of work; what waits longest stands first`}>
        <ol className="divide-y divide-line">
          {steps.map((s) => (
            <li key={`${s.item}-${s.part}`} className="py-3">
              <p className="font-semibold">{s.text}</p>
              <p>Done when: {s.sign[0].toLowerCase() + s.sign.slice(1)}</p>
              <p className="text-sm text-faded">
                {minutes(s.activeMinutes)} of work{s.passiveMinutes > 0 && `, ${minutes(s.passiveMinutes)} by itself`} · {grams(s.rawGrams)} goes in, about {grams(s.readyGrams)} enters the dish
              </p>
            </li>
          ))}
        </ol>
        {steps.length === 0 && <p className="text-faded">Nothing needs cooking first.</p>}
      </Card>
      <Card title="Weight into the dish">
        <dl className="grid grid-cols-[auto_auto] justify-start gap-x-6 gap-y-1">
          <dt>Raw, all together</dt><dd className="text-right">{grams(plan.massAfterGrams)}</dd>
          <dt>Cooked off and squeezed out</dt><dd className="text-right">− {grams(cookedOffGrams)}</dd>
          {takenUpGrams > 0 && <><dt>Taken up while boiling</dt><dd className="text-right">+ {grams(takenUpGrams)}</dd></>}
          <dt className="font-bold">Enters the dish</dt><dd className="text-right font-bold">{grams(readyGrams)}</dd>
        </dl>
        <p className="mt-2 text-sm text-faded">Shares cooked off are kitchen practice; trust the signs.</p>
      </Card>
    </div>
  );
}
