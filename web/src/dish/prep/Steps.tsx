import type { PrepStep } from "../../api";
import { rich, told } from "../../messages";
import { grams, minutes, percent, sentence } from "../../ui";

/** g; less is a leaf or a pinch, and the shopping list has it in its own measure. */
const WEIGHABLE = 1;

const GROUPS = [
  { when: "before", title: null },
  { when: "built", title: told("web.dish.once-the-dish-is-built") },
  { when: "while-baking", title: told("web.dish.while-it-bakes") },
  { when: "to-serve", title: told("web.dish.to-serve-beside-it") },
] as const;

/** What hands do, first to start first: the cook's own sentences, and what is Nabe's marked as such. */
export function Steps({ steps }: { steps: readonly PrepStep[] }) {
  if (steps.length === 0) return <p className="text-faded">{told("web.dish.nothing-needs-cooking-first")}</p>;
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
        {step.when === "before" &&
          rich(
            "web.dish.before-building",
            { a: (words) => <strong className="block text-base font-bold text-rim">{words}</strong> },
            minutes(step.startMinutesBefore),
          )}
      </p>
      <div className="min-w-0">
        <p className="text-sm text-faded">
          <strong className="font-semibold text-ink">{sentence(step.item)}</strong>
          {step.own && (
            <span className="ml-2 rounded bg-rim-soft px-1.5 font-semibold text-rim">{told("web.dish.nabes-own")}</span>
          )}
        </p>
        <p className="font-semibold">{step.text}</p>
        {step.uses.length > 0 && <p className="text-sm">{step.uses.map(used).join(" · ")}</p>}
        {step.sign && !step.text.includes(step.sign) && (
          <p className="text-sm">{told("web.dish.done-when", step.sign[0].toLowerCase() + step.sign.slice(1))}</p>
        )}
        <p className="text-sm text-faded">{facts(step).join(" · ")}</p>
        {step.why && <p className="mt-0.5 border-l-4 border-rim-soft pl-2 text-sm">{step.why}</p>}
        {step.ladder.length > 0 && (
          <p className="mt-0.5 text-sm">
            <span className="font-medium">{told("web.dish.by-the-time-there-is")}</span>{" "}
            {step.ladder.map((r) => r.words.replace(/\.$/, "")).join(told("web.dish.or"))}.
          </p>
        )}
        {step.ahead && <p className="text-sm font-medium text-rim">{told("web.dish.may-be-done", step.ahead)}</p>}
      </div>
    </li>
  );
}

export function used(u: PrepStep["uses"][number]): string {
  if (u.component)
    return (u.share ?? 1) > 0.995
      ? told("web.dish.all-the", lower(u.item))
      : told("web.dish.of-the", percent(u.share ?? 1), lower(u.item));
  return u.grams && u.grams >= WEIGHABLE ? `${grams(u.grams)} ${u.item}` : u.item;
}

function facts(step: PrepStep): string[] {
  const loses = step.rawGrams > 1 && Math.abs(step.readyGrams - step.rawGrams) > 0.04 * step.rawGrams;
  const at = [step.tool?.replaceAll("-", " "), step.heat].filter(Boolean).join(", ");
  return [
    told(
      "web.dish.of-work",
      minutes(step.activeMinutes),
      step.passiveMinutes > 0 ? told("web.ui.by-itself", minutes(step.passiveMinutes)) : "",
    ),
    at,
    loses ? told("web.dish.in-the-pot-comes-to-about", grams(step.rawGrams), grams(step.readyGrams)) : "",
  ].filter(Boolean);
}

function lower(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}
