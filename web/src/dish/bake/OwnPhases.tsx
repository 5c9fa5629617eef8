import { Slider } from "radix-ui";
import { useState } from "react";
import type { Bake, OvenInBrief } from "../../api";
import { rich, told } from "../../messages";
import { Button, minutes } from "../../ui";

type Own = NonNullable<OvenInBrief["phases"]>;

const STEP = 5;
const SHORTEST = 5;

/** The foil and the end of the bake as handles to drag, or to move with the arrow keys; what they do shows at once in the forecast. */
export function OwnPhases({
  bake,
  own,
  onOwn,
}: {
  bake: Bake;
  own: Own | null;
  onOwn: (own: Own | undefined) => void;
}) {
  const opens = bake.phases.findIndex((p) => !(p.covered && p.kind === "bake"));
  const covered = bake.phases.slice(0, opens).reduce((sum, p) => sum + p.minutes, 0);
  const shielded = bake.phases.slice(opens).reduce((sum, p) => sum + (p.covered ? p.minutes : 0), 0);
  const [held, setHeld] = useState<number[] | null>(null);
  const [foil, out] = held ?? [covered, bake.ovenMinutes];
  const most = Math.max(60, STEP * Math.ceil((bake.ovenMinutes * 1.6) / STEP));
  const settle = ([a, b]: number[]) => {
    setHeld(null);
    const end = Math.max(b, SHORTEST);
    if (a !== covered || end !== bake.ovenMinutes) onOwn({ covered: a, open: end - a });
  };
  return (
    <div className="no-print mt-4 rounded-lg bg-enamel px-4 pt-3 pb-4">
      <p className="text-sm font-medium text-faded">{told("web.dish.move-the-foil-and-the-end")}</p>
      <Slider.Root
        min={0}
        max={most}
        step={STEP}
        minStepsBetweenThumbs={0}
        value={[foil, out]}
        onValueChange={setHeld}
        onValueCommit={settle}
        className="relative mt-2 flex h-11 touch-none items-center select-none"
      >
        <Slider.Track className="relative h-3 grow rounded-full bg-line">
          <Slider.Range className="absolute h-full rounded-full bg-warm-soft ring-2 ring-warm" />
        </Slider.Track>
        {[
          [told("web.dish.foil-off"), foil],
          [told("web.dish.out-of-the-oven"), out],
        ].map(([name, at]) => (
          <Slider.Thumb
            key={name}
            aria-label={told("web.dish.minutes-after-it-goes-in", name)}
            aria-valuetext={told("web.dish.at-min", name, at)}
            className="block size-8 rounded-full border-4 border-rim bg-sheet shadow"
          />
        ))}
      </Slider.Root>
      <p className="flex flex-wrap items-center justify-between gap-2">
        <span>
          {foil > 0 ? (
            rich(
              "web.dish.foil-off-after-out-after",
              { a: (words) => <strong>{words}</strong>, b: (words) => <strong>{words}</strong> },
              minutes(foil),
              minutes(out),
            )
          ) : (
            <>
              {shielded > 0 && !held
                ? rich(
                    "web.dish.open-the-last-under-foil",
                    { a: (words) => <strong>{words}</strong> },
                    minutes(shielded),
                  )
                : told("web.dish.open-all-the-way")}
              {rich("web.dish.out-after", { a: (words) => <strong>{words}</strong> }, minutes(out))}
            </>
          )}
        </span>
        {own && (
          <Button look="quiet" className="min-h-9 text-sm" onClick={() => onOwn(undefined)}>
            {told("web.dish.let-nabe-find-them-again")}
          </Button>
        )}
      </p>
    </div>
  );
}
