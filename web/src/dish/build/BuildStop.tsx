import { useState } from "react";
import { Link } from "react-router";
import type { Build, PanInBrief } from "../../api";
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
            title="Build, bottom to top"
            aside={
              <>
                {Math.round(build.heightMm)} mm high, {Math.round(build.headroomMm)} mm free ·{" "}
                <Link to={`/dishes/${dishId}/card`} className="font-semibold text-rim underline">
                  Card for the counter
                </Link>
              </>
            }
          >
            <p className="mb-1">
              {build.asRead
                ? "Laid as your recipe says."
                : "Your recipe does not say how it is laid: this is the usual order for its kind of dish."}
            </p>
            {build.marks.length > 0 && (
              <p className="mb-2 text-sm text-faded">{build.marks.map((m) => m.words).join(" ")}</p>
            )}
            <LayerList build={build} ordered={(own.order ?? []).length > 0} onOrder={(order) => set({ order })} />
            <Leftovers build={build} />
          </Card>
          <Card title="Pan" aside={build.rescale ? "not the recipe's" : undefined}>
            {build.rescale && (
              <div className="mb-4 rounded-lg bg-enamel p-3">
                <p>{build.rescale.words}</p>
                <p className="mt-2 mb-1 text-sm font-medium text-faded">Amounts for this pan</p>
                <PickOne
                  label="Amounts for this pan"
                  value={(own.fit ?? "amounts") as "amounts" | "area" | "volume"}
                  onPick={(fit) => set({ fit })}
                  options={[
                    { value: "amounts", label: "As the recipe" },
                    { value: "area", label: "By area: same depth" },
                    { value: "volume", label: "By volume: as full" },
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
            <Card title="From above" aside="to scale, the pan's inside">
              {build.laid.length > 1 && (
                <div className="mb-3">
                  <PickOne
                    label="Layer shown"
                    value={String(Math.min(shown, build.laid.length - 1))}
                    onPick={(v) => setShown(Number(v))}
                    options={build.laid.map((l, i) => ({ value: String(i), label: `Layer ${l.layer + 1}` }))}
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
    <Card title="How it goes into dishes" aside="it is more than the recipe's dish takes">
      <ul className="flex flex-col gap-2">
        {build.ways.map((w) => (
          <li key={w.way} className="flex flex-wrap items-center justify-between gap-3">
            <span>{w.words[0].toUpperCase() + w.words.slice(1)}</span>
            {w.taken ? (
              <span className="font-semibold text-rim">as it is now</span>
            ) : (
              <Button look="quiet" aria-label={`Take ${w.words}`} onClick={() => onPan(w.pan)}>
                Take this
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
      title={overflow.overMm > 0 ? `Too full by ${Math.round(overflow.overMm)} mm` : "More than this pan takes"}
    >
      {overflow.advice}
      <details className="mt-1">
        <summary className="cursor-pointer font-semibold">What goes into the second dish</summary>
        <p>
          A dish of {pan.lengthMm} × {pan.widthMm} × {pan.depthMm} mm takes it:
        </p>
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
          <strong className="font-semibold">Beside: {l.name}</strong>
          {l.grams > 0 && ` (${grams(l.grams)})`}. {l.use}
        </li>
      ))}
    </ul>
  );
}
