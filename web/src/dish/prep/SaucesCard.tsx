import type { SauceThickness } from "../../api";
import { Card, grams, PART_WORDS } from "../../ui";

export function SaucesCard({ sauces }: { sauces: readonly SauceThickness[] }) {
  return (
    <Card title="How thick the sauces come out">
      <ul className="divide-y divide-line">
        {sauces.map((s) => (
          <li key={s.part} className="py-2">
            <p className={s.correctionGrams === 0 ? "" : "text-warm"}>
              <strong className="font-semibold">{PART_WORDS[s.part]}:</strong> {s.words}
            </p>
            <p className="text-sm text-faded">
              {s.per240.toFixed(0)} g of wheat flour's strength in 240 ml
              {s.correctionGrams !== 0 && ` (wanted ${s.wanted.toFixed(0)})`}, {grams(s.liquidGrams)} liquid, thickened
              with {s.thickener}.
            </p>
          </li>
        ))}
      </ul>
    </Card>
  );
}
