import type { WaterBudget } from "../../api";
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
    <Card title="Water" aside={good ? "comes out right" : water.state === "short" ? "short of water" : "too wet"}>
      <p className={good ? "" : "font-semibold text-warm"}>{water.words}</p>
      <WaterPicture water={water} />
      {dry.length > 0 && (
        <ul className="mt-2 list-disc pl-5 text-warm">
          {dry.map((l) => (
            <li key={l.layer}>
              {l.name}, layer {l.layer + 1}: wants {grams(l.takesUpGrams)}, has {grams(l.withinReachGrams)} in reach.
            </li>
          ))}
        </ul>
      )}
      {water.mends.length > 1 && (
        <p className="mt-3 font-medium">
          {water.together ? "It takes all of these, in this order:" : "Any one of these brings it in:"}
        </p>
      )}
      {water.mends.length > 1 && water.together && (
        <Button
          className="mt-2 min-h-9 text-sm"
          onClick={() => onMends({ ...mends, ...Object.fromEntries(water.mends.map((m) => [m.key, m.value])) })}
        >
          Do all of these
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
                  ({m.waterGrams > 0 ? "+" : "−"}
                  {grams(Math.abs(m.waterGrams))} water)
                </span>
              </span>
              <Button
                className="min-h-9 text-sm"
                aria-label={`Do this: ${m.text}`}
                onClick={() => onMends({ ...mends, [m.key]: m.value })}
              >
                Do this
              </Button>
            </li>
          ))}
        </ul>
      )}
      {Object.keys(mends).length > 0 && (
        <p className="mt-3 flex flex-wrap items-center gap-2 text-sm">
          <span className="font-medium text-faded">Done so far:</span>
          {Object.entries(mends).map(([key, value]) => (
            <Button
              key={key}
              look="quiet"
              className="min-h-8 px-2 py-0.5 text-sm"
              aria-label={`Take back: ${madeWords(key, value)}`}
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
  if (what === "stock") return `${grams(value)} stock or water stirred in`;
  if (what === "uncover") return `foil off ${Math.round(value)} min sooner`;
  return what === "press" ? `pressed ${value} min more` : `cooked down to ${grams(value)}`;
}
