import type { LabelReading } from "../api";
import { told } from "../messages";
import { allergenWords, sentence } from "../ui";

const WORDS: Record<string, string> = {
  yes: told("web.larder.fits-as-far-as-the-label-verdict"),
  check: told("web.larder.check-ask-the-maker"),
  no: told("web.larder.does-not-fit"),
};
const SIGNS: Record<string, string> = { yes: "●", check: "?", no: "✕" };
const LOOKS: Record<string, string> = {
  yes: "text-rim bg-rim-soft",
  check: "text-warm bg-warm-soft",
  no: "text-danger bg-danger-soft",
};

/** What a label means for each need, with the words that decided. */
export function Verdicts({ reading }: { reading: LabelReading }) {
  const questions = [...new Set(reading.unclear.map((u) => u.why))];
  return (
    <div className="flex flex-col gap-4">
      <ul className="divide-y divide-line">
        {reading.because.map((b) => (
          <li key={b.need} className="grid grid-cols-[2.2rem_7rem_1fr] items-baseline gap-3 py-2">
            <span aria-hidden="true" className={`rounded-md text-center font-bold ${LOOKS[b.verdict]}`}>
              {SIGNS[b.verdict]}
            </span>
            <strong>{sentence(b.need)}</strong>
            <span>
              <span className="font-semibold">{WORDS[b.verdict]}</span>
              <span className="block text-sm text-faded">{b.words}</span>
            </span>
          </li>
        ))}
      </ul>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        <Row
          name={told("web.larder.contains-row")}
          words={allergenWords(reading.contains)}
          none={told("web.larder.no-listed-allergen-found")}
        />
        <Row
          name={told("web.larder.may-contain-row")}
          words={allergenWords(reading.mayContain)}
          none={told("web.larder.no-warning-found-absence-proves-nothing")}
        />
        <Row name={told("web.larder.claims-row")} words={reading.claims} none={told("web.ui.none")} />
      </dl>
      {reading.unclear.length > 0 && (
        <div>
          <h3 className="font-bold">{told("web.larder.ask-the-maker")}</h3>
          <ul className="mt-1 list-disc pl-5">
            {questions.map((why) => (
              <li key={why}>
                <strong>
                  {reading.unclear
                    .filter((u) => u.why === why)
                    .map((u) => u.words)
                    .join(", ")}
                </strong>
                : {why}
              </li>
            ))}
          </ul>
        </div>
      )}
      <p className="text-sm text-faded">{told("web.larder.nabe-helps-you-read-it-cannot")}</p>
    </div>
  );
}

function Row({ name, words, none }: { name: string; words: readonly string[]; none: string }) {
  return (
    <>
      <dt className="font-semibold">{name}</dt>
      <dd className={words.length ? "" : "text-faded"}>{words.length ? words.join(", ") : none}</dd>
    </>
  );
}
