import type { SauceThickness } from "../../api";
import { told } from "../../messages";
import { Card, grams, PART_WORDS } from "../../ui";

export function SaucesCard({ sauces }: { sauces: readonly SauceThickness[] }) {
  return (
    <Card title={told("web.dish.how-thick-the-sauces-come-out")}>
      <ul className="divide-y divide-line">
        {sauces.map((s) => (
          <li key={s.part} className="py-2">
            <p className={s.correctionGrams === 0 ? "" : "text-warm"}>
              <strong className="font-semibold">{PART_WORDS[s.part]}:</strong> {s.words}
            </p>
            <p className="text-sm text-faded">
              {told(
                "web.dish.of-wheat-flours-strength-in-240",
                s.per240.toFixed(0),
                s.correctionGrams !== 0 && told("web.dish.wanted", s.wanted.toFixed(0)),
                grams(s.liquidGrams),
                s.thickener,
              )}
            </p>
          </li>
        ))}
      </ul>
    </Card>
  );
}
