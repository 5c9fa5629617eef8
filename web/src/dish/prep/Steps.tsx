import type { PrepStep } from "../../api";
import { grams, minutes, percent, sentence } from "../../ui";

/** g; less is a leaf or a pinch, and the shopping list has it in its own measure. */
const WEIGHABLE = 1;

const GROUPS = [
  { when: "before", title: null },
  { when: "built", title: "Once the dish is built" },
  { when: "while-baking", title: "While it bakes" },
  { when: "to-serve", title: "To serve beside it" },
] as const;

/** What hands do, first to start first: the cook's own sentences, and what is Nabe's marked as such. */
export function Steps({ steps }: { steps: readonly PrepStep[] }) {
  if (steps.length === 0) return <p className="text-faded">Nothing needs cooking first.</p>;
  return GROUPS.map(({ when, title }) => {
    const of = steps.filter((s) => s.when === when);
    return (
      of.length > 0 && (
        <section key={when}>
          {title && <h3 className="mt-3 font-semibold text-rim">{title}</h3>}
          <ol className="divide-y divide-line">
            {of.map((s) => (
              <Step key={s.id} step={s} />
            ))}
          </ol>
        </section>
      )
    );
  });
}

function Step({ step }: { step: PrepStep }) {
  return (
    <li className="grid gap-x-4 py-2.5 sm:grid-cols-[5.5rem_1fr]">
      <p className="text-sm text-faded sm:pt-0.5">
        {step.when === "before" && (
          <>
            <strong className="block text-base font-bold text-rim">{minutes(step.startMinutesBefore)}</strong>before
            building
          </>
        )}
      </p>
      <div className="min-w-0">
        <p className="text-sm text-faded">
          <strong className="font-semibold text-ink">{sentence(step.item)}</strong>
          {step.own && <span className="ml-2 rounded bg-rim-soft px-1.5 font-semibold text-rim">Nabe's own</span>}
        </p>
        <p className="font-semibold">{step.text}</p>
        {step.uses.length > 0 && <p className="text-sm">{step.uses.map(used).join(" · ")}</p>}
        {step.sign && !step.text.includes(step.sign) && (
          <p className="text-sm">Done when: {step.sign[0].toLowerCase() + step.sign.slice(1)}</p>
        )}
        <p className="text-sm text-faded">{facts(step).join(" · ")}</p>
        {step.why && <p className="mt-0.5 border-l-4 border-rim-soft pl-2 text-sm">{step.why}</p>}
        {step.ladder.length > 0 && (
          <p className="mt-0.5 text-sm">
            <span className="font-medium">By the time there is:</span>{" "}
            {step.ladder.map((r) => r.words.replace(/\.$/, "")).join("; or ")}.
          </p>
        )}
        {step.ahead && <p className="text-sm font-medium text-rim">May be done {step.ahead}.</p>}
      </div>
    </li>
  );
}

export function used(u: PrepStep["uses"][number]): string {
  if (u.component)
    return (u.share ?? 1) > 0.995 ? `all the ${lower(u.item)}` : `${percent(u.share ?? 1)} of the ${lower(u.item)}`;
  return u.grams && u.grams >= WEIGHABLE ? `${grams(u.grams)} ${u.item}` : u.item;
}

function facts(step: PrepStep): string[] {
  const loses = step.rawGrams > 1 && Math.abs(step.readyGrams - step.rawGrams) > 0.04 * step.rawGrams;
  const at = [step.tool?.replaceAll("-", " "), step.heat].filter(Boolean).join(", ");
  return [
    `${minutes(step.activeMinutes)} of work${step.passiveMinutes > 0 ? `, ${minutes(step.passiveMinutes)} by itself` : ""}`,
    at,
    loses ? `${grams(step.rawGrams)} in the pot comes to about ${grams(step.readyGrams)}` : "",
  ].filter(Boolean);
}

function lower(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}
