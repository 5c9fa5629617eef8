import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Phase, type Scales } from "../../api";
import { rich, told } from "../../messages";
import { Button, Card, minutes, Notice, PickAny } from "../../ui";

/** Dishes offered before the cook asks for more. */
const FEW = 5;

/** Other dishes of the shelf in the same oven: one temperature, shelves, and when each goes in. */
export function ShareCard({ dishId }: { dishId: string }) {
  const [all, setAll] = useState(false);
  const [others, setOthers] = useState<string[]>([]);
  const shelf = useQuery({ queryKey: ["dishes"], queryFn: api.dishes });
  const ids = [dishId, ...others];
  const shared = useQuery({ queryKey: ["share", ids], queryFn: () => api.shareOven(ids), enabled: others.length > 0 });
  const rest = (shelf.data ?? []).filter((d) => d.id !== dishId);
  const shown = all ? rest : rest.filter((d, i) => i < FEW || others.includes(d.id));
  if (rest.length === 0) return null;
  return (
    <Card title={told("web.dish.with-another-dish-in-the-oven")} aside={told("web.dish.as-saved-on-the-shelf")}>
      <PickAny
        label={told("web.dish.dishes-that-share-the-oven")}
        value={others}
        onPick={(picked) => setOthers(picked.slice(0, 5))}
        options={shown.map((d) => ({ value: d.id, label: d.title }))}
      />
      {shown.length < rest.length && (
        <Button look="quiet" className="mt-2 min-h-8 px-2 py-0.5 text-sm" onClick={() => setAll(true)}>
          {told("web.dish.more", rest.length - shown.length)}
        </Button>
      )}
      {shared.error && (
        <div className="mt-3">
          <Notice tone="danger" title={told("web.dish.not-shared")}>
            {shared.error.message}
          </Notice>
        </div>
      )}
      {others.length > 0 && shared.data && (
        <div className="mt-3" aria-live="polite">
          {shared.data.rounds.length === 1 ? (
            <p>
              {rich(
                "web.dish.for-all-from-the-first-in",
                { a: (words) => <strong>{words}</strong> },
                heat(shared.data.oven, shared.data.fan),
                minutes(shared.data.minutes),
              )}
            </p>
          ) : (
            <>
              <p>
                {rich(
                  "web.dish.from-the-first-in-to-all",
                  { a: (words) => <strong>{words}</strong> },
                  told("web.dish.in-rounds", shared.data.rounds.length),
                  minutes(shared.data.minutes),
                )}
              </p>
              <ol className="list-decimal pl-5">
                {shared.data.rounds.map((r) => (
                  <li key={r.startsAfterMinutes}>
                    {r.dishes.join(", ")}: {heat(r.oven, shared.data.fan)}, {minutes(r.minutes)}
                  </li>
                ))}
              </ol>
            </>
          )}
          <ol className="mt-2 divide-y divide-line">
            {[...shared.data.dishes]
              .sort((a, b) => a.inAfterMinutes - b.inAfterMinutes)
              .map((d) => (
                <li key={d.name} className="grid gap-x-4 py-2 sm:grid-cols-[7.5rem_1fr]">
                  <strong className="text-rim">
                    {d.inAfterMinutes === 0
                      ? told("web.dish.in-first")
                      : told("web.dish.in-after", minutes(d.inAfterMinutes))}
                  </strong>
                  <span>
                    <strong className="font-semibold">{d.name}</strong>, {minutes(d.bake.ovenMinutes)}{" "}
                    {foil(d.bake.phases)}
                    <span className="block text-sm text-faded">
                      {told("web.dish.by-itself-at", d.words, minutes(d.alone), Math.round(d.ownCelsius))}
                    </span>
                  </span>
                </li>
              ))}
          </ol>
          <ul className="mt-2 list-disc pl-5 text-sm">
            {shared.data.notes.map((n) => (
              <li key={n}>{n}</li>
            ))}
          </ul>
        </div>
      )}
    </Card>
  );
}

/** The heat on the dials; one that has its fan on shows only that. */
function heat(oven: Scales, fan: boolean): string {
  return fan
    ? told("web.dish.fan", Math.round(oven.fanCelsius))
    : `${Math.round(oven.celsius)} °C (${Math.round(oven.fahrenheit)} °F)`;
}

function foil(phases: readonly Phase[]): string {
  const first = phases[0];
  return first?.covered && phases.some((p) => p.kind === "bake" && !p.covered)
    ? told("web.dish.foil-off-after", minutes(first.minutes))
    : "";
}
