import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Phase, type Scales } from "../../api";
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
    <Card title="With another dish in the oven" aside="as saved on the shelf">
      <PickAny
        label="Dishes that share the oven"
        value={others}
        onPick={(picked) => setOthers(picked.slice(0, 5))}
        options={shown.map((d) => ({ value: d.id, label: d.title }))}
      />
      {shown.length < rest.length && (
        <Button look="quiet" className="mt-2 min-h-8 px-2 py-0.5 text-sm" onClick={() => setAll(true)}>
          {rest.length - shown.length} more
        </Button>
      )}
      {shared.error && (
        <div className="mt-3">
          <Notice tone="danger" title="Not shared">
            {shared.error.message}
          </Notice>
        </div>
      )}
      {others.length > 0 && shared.data && (
        <div className="mt-3" aria-live="polite">
          {shared.data.rounds.length === 1 ? (
            <p>
              <strong>{heat(shared.data.oven, shared.data.fan)} for all</strong>, {minutes(shared.data.minutes)} from
              the first in to all out.
            </p>
          ) : (
            <>
              <p>
                <strong>In {shared.data.rounds.length} rounds</strong>, {minutes(shared.data.minutes)} from the first in
                to all out.
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
                    {d.inAfterMinutes === 0 ? "In first" : `In after ${minutes(d.inAfterMinutes)}`}
                  </strong>
                  <span>
                    <strong className="font-semibold">{d.name}</strong>, {minutes(d.bake.ovenMinutes)}{" "}
                    {foil(d.bake.phases)}
                    <span className="block text-sm text-faded">
                      {d.words} By itself: {minutes(d.alone)} at {Math.round(d.ownCelsius)} °C.
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
    ? `fan ${Math.round(oven.fanCelsius)} °C`
    : `${Math.round(oven.celsius)} °C (${Math.round(oven.fahrenheit)} °F)`;
}

function foil(phases: readonly Phase[]): string {
  const first = phases[0];
  return first?.covered && phases.some((p) => p.kind === "bake" && !p.covered)
    ? `(foil off after ${minutes(first.minutes)})`
    : "";
}
