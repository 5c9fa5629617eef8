import type { WaterBudget } from "../../api";
import { told } from "../../messages";
import { Button, Card, grams } from "../../ui";
import { WaterPicture } from "./WaterPicture";

interface Props {
  water: WaterBudget;
  mends: Record<string, number>;
  onMends: (mends: Record<string, number>) => void;
}

/** Where the water goes, and one touch to bring it in. */
export function WaterCard({ water, mends, onMends }: Props) {
  const good = water.state === "good";
  const dry = water.layers.filter((l) => l.underWet);
  const without = (key: string) => Object.fromEntries(Object.entries(mends).filter(([k]) => k !== key));
  return (
    <Card
      title={told("web.dish.water")}
      aside={
        good
          ? told("web.dish.comes-out-right")
          : water.state === "short"
            ? told("web.dish.short-of-water")
            : told("web.dish.too-wet")
      }
    >
      <p className={good ? "" : "font-semibold text-warm"}>{water.words}</p>
      <WaterPicture water={water} />
      {dry.length > 0 && (
        <ul className="mt-2 list-disc pl-5 text-warm">
          {dry.map((l) => (
            <li key={l.layer}>
              {told(
                "web.dish.layer-wants-has-in-reach",
                l.name,
                l.layer + 1,
                grams(l.takesUpGrams),
                grams(l.withinReachGrams),
              )}
            </li>
          ))}
        </ul>
      )}
      {water.mends.length > 1 && (
        <p className="mt-3 font-medium">
          {water.together ? told("web.dish.it-takes-all-of-these-in") : told("web.dish.any-one-of-these-brings-it")}
        </p>
      )}
      {water.mends.length > 1 && water.together && (
        <Button
          className="mt-2 min-h-9 text-sm"
          onClick={() => onMends({ ...mends, ...Object.fromEntries(water.mends.map((m) => [m.key, m.value])) })}
        >
          {told("web.dish.do-all-of-these")}
        </Button>
      )}
      {water.mends.length > 0 && (
        <ul className="mt-3 space-y-2">
          {water.mends.map((m) => (
            <li
              key={m.key}
              className="flex flex-wrap items-center justify-between gap-2 rounded-lg bg-enamel px-3 py-2"
            >
              <span>
                {m.text}{" "}
                <span className="text-sm text-faded">
                  {told("web.dish.more-or-less-water", m.waterGrams > 0, grams(Math.abs(m.waterGrams)))}
                </span>
              </span>
              <Button
                className="min-h-9 text-sm"
                aria-label={told("web.dish.do-this", m.text)}
                onClick={() => onMends({ ...mends, [m.key]: m.value })}
              >
                {told("web.dish.do-this-button")}
              </Button>
            </li>
          ))}
        </ul>
      )}
      {Object.keys(mends).length > 0 && (
        <p className="mt-3 flex flex-wrap items-center gap-2 text-sm">
          <span className="font-medium text-faded">{told("web.dish.done-so-far")}</span>
          {Object.entries(mends).map(([key, value]) => (
            <Button
              key={key}
              look="quiet"
              className="min-h-8 px-2 py-0.5 text-sm"
              aria-label={told("web.dish.take-back", madeWords(key, value))}
              onClick={() => onMends(without(key))}
            >
              {madeWords(key, value)} ✕
            </Button>
          ))}
        </p>
      )}
    </Card>
  );
}

function madeWords(key: string, value: number): string {
  const what = key.split(":")[0];
  if (what === "stock") return told("web.dish.stock-or-water-stirred-in", grams(value));
  if (what === "uncover") return told("web.dish.foil-off-min-sooner", Math.round(value));
  return what === "press" ? told("web.dish.pressed-min-more", value) : told("web.dish.cooked-down-to", grams(value));
}
