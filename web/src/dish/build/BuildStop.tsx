import { useState } from "react";
import { Link } from "react-router";
import type { Build, PanInBrief } from "../../api";
import { rich, told } from "../../messages";
import { Button, Card, grams, Notice, PickOne, TwoColumns } from "../../ui";
import { beside } from "../beside";
import type { StopProps } from "../stopProps";
import { FromAbove } from "./FromAbove";
import { LayerList } from "./LayerList";
import { PanForm } from "./PanForm";
import { SheetsCard } from "./SheetsCard";

export function BuildStop({ plan, brief, edit, dishId, drawing }: StopProps) {
  const { build } = plan;
  const [shown, setShown] = useState(0);
  const own = brief.build ?? {};
  const set = (change: Partial<typeof own>) => edit({ build: { ...own, ...change } });
  return (
    <TwoColumns
      drawing={drawing}
      first={
        <>
          {build.ways.length > 0 && <Ways build={build} onPan={(pan) => edit({ pan })} />}
          {build.overflow && <Overflowing overflow={build.overflow} />}
          <Card
            title={told("web.dish.build-bottom-to-top")}
            aside={rich(
              "web.dish.mm-high-mm-free-card-for",
              {
                a: (words) => (
                  <Link to={`/dishes/${dishId}/card`} className="font-semibold text-rim underline">
                    {words}
                  </Link>
                ),
              },
              Math.round(build.heightMm),
              Math.round(build.headroomMm),
            )}
          >
            <p className="mb-1">
              {build.asRead ? told("web.dish.laid-as-your-recipe-says") : told("web.dish.your-recipe-does-not-say-how")}
            </p>
            {build.marks.length > 0 && (
              <p className="mb-2 text-sm text-faded">{build.marks.map((m) => m.words).join(" ")}</p>
            )}
            <LayerList build={build} ordered={(own.order ?? []).length > 0} onOrder={(order) => set({ order })} />
            <Leftovers build={build} />
          </Card>
          <Card title={told("web.dish.pan")} aside={build.rescale ? told("web.dish.not-the-recipes") : undefined}>
            {build.rescale && (
              <div className="mb-4 rounded-lg bg-enamel p-3">
                <p>{build.rescale.words}</p>
                <p className="mt-2 mb-1 text-sm font-medium text-faded">{told("web.dish.amounts-for-this-pan")}</p>
                <PickOne
                  label={told("web.dish.amounts-for-this-pan")}
                  value={(own.fit ?? "amounts") as "amounts" | "area" | "volume"}
                  onPick={(fit) => set({ fit })}
                  options={[
                    { value: "amounts", label: told("web.dish.as-the-recipe") },
                    { value: "area", label: told("web.dish.by-area-same-depth") },
                    { value: "volume", label: told("web.dish.by-volume-as-full") },
                  ]}
                />
              </div>
            )}
            <PanForm pan={brief.pan ?? null} used={build.pan} onPan={(pan) => edit({ pan })} />
          </Card>
        </>
      }
      second={
        <>
          {build.laid.length > 0 && (
            <Card title={told("web.dish.from-above")} aside={told("web.dish.to-scale-the-pans-inside")}>
              {build.laid.length > 1 && (
                <div className="mb-3">
                  <PickOne
                    label={told("web.dish.layer-shown")}
                    value={String(Math.min(shown, build.laid.length - 1))}
                    onPick={(v) => setShown(Number(v))}
                    options={build.laid.map((l, i) => ({
                      value: String(i),
                      label: told("web.dish.layer", l.layer + 1),
                    }))}
                  />
                </div>
              )}
              <FromAbove laid={build.laid[Math.min(shown, build.laid.length - 1)]} />
            </Card>
          )}
          {(build.sheets || build.rolls || build.lid) && <SheetsCard build={build} own={own} onBuild={set} />}
        </>
      }
    />
  );
}

/** More than the recipe's amount: several dishes of its size, a bigger one, or a second smaller one. */
function Ways({ build, onPan }: { build: Build; onPan: (pan: PanInBrief) => void }) {
  return (
    <Card title={told("web.dish.how-it-goes-into-dishes")} aside={told("web.dish.it-is-more-than-the-recipes")}>
      <ul className="flex flex-col gap-2">
        {build.ways.map((w) => (
          <li key={w.way} className="flex flex-wrap items-center justify-between gap-3">
            <span>{w.words[0].toUpperCase() + w.words.slice(1)}</span>
            {w.taken ? (
              <span className="font-semibold text-rim">{told("web.dish.as-it-is-now")}</span>
            ) : (
              <Button look="quiet" aria-label={told("web.dish.take", w.words)} onClick={() => onPan(w.pan)}>
                {told("web.dish.take-this")}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </Card>
  );
}

function Overflowing({ overflow }: { overflow: NonNullable<Build["overflow"]> }) {
  const pan = overflow.secondPan;
  return (
    <Notice
      tone="danger"
      title={
        overflow.overMm > 0
          ? told("web.dish.too-full-by-mm", Math.round(overflow.overMm))
          : told("web.dish.more-than-this-pan-takes")
      }
    >
      {overflow.advice}
      <details className="mt-1">
        <summary className="cursor-pointer font-semibold">{told("web.dish.what-goes-into-the-second-dish")}</summary>
        <p>{told("web.dish.a-dish-of-mm-takes-it", pan.lengthMm, pan.widthMm, pan.depthMm)}</p>
        <ol className="list-decimal pl-6">
          {overflow.layers.map((l, i) => (
            <li key={`${i}-${l.name}`}>
              {l.name} · {grams(l.grams)}
            </li>
          ))}
        </ol>
      </details>
    </Notice>
  );
}

/** Less than this is no leftover. g */
function Leftovers({ build }: { build: Build }) {
  const left = beside(build);
  if (left.length === 0) return null;
  return (
    <ul className="mt-3 rounded-lg bg-enamel p-3">
      {left.map((l) => (
        <li key={l.name}>
          <strong className="font-semibold">{told("web.dish.beside-name", l.name)}</strong>
          {l.grams > 0 && ` (${grams(l.grams)})`}. {l.use}
        </li>
      ))}
    </ul>
  );
}
