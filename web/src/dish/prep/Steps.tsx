import type { PrepStep } from "../../api";
import { grams, minutes } from "../../ui";

export function Steps({ steps }: { steps: readonly PrepStep[] }) {
  if (steps.length === 0) return <p className="text-faded">Nothing needs cooking first.</p>;
  return (
    <ol className="divide-y divide-line">
      {steps.map((s) => (
        <li key={`${s.item}-${s.part}-${s.text}`} className="grid gap-x-4 py-3 sm:grid-cols-[6.5rem_1fr]">
          <p className="text-sm text-faded sm:pt-0.5">
            <strong className="block text-base font-bold text-rim">{minutes(s.startMinutesBefore)}</strong>before
            building
          </p>
          <div>
            <p className="font-semibold">{s.text}</p>
            <p>Done when: {s.sign[0].toLowerCase() + s.sign.slice(1)}</p>
            <p className="text-sm text-faded">
              {minutes(s.activeMinutes)} of work{s.passiveMinutes > 0 && `, ${minutes(s.passiveMinutes)} by itself`}
              {s.tool && ` · ${s.tool.replaceAll("-", " ")}`}
              {s.heat && `, ${s.heat}`} · {grams(s.rawGrams)} goes in, about {grams(s.readyGrams)} enters the dish
            </p>
            {s.ahead && <p className="text-sm font-medium text-rim">May be done {s.ahead}.</p>}
          </div>
        </li>
      ))}
    </ol>
  );
}
