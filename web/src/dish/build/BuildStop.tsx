import type { Build } from "../../api";
import { Card, grams, Notice, PART_WORDS, percent } from "../../ui";
import type { StopProps } from "../stopProps";
import { PanForm } from "./PanForm";

export function BuildStop({ plan, brief, edit }: StopProps) {
  const { build } = plan;
  return (
    <div className="flex flex-col gap-5">
      {build.overflow && <Notice tone="danger" title={`Too full by ${Math.round(build.overflow.overMm)} mm`}>{build.overflow.advice}</Notice>}
      <Card title="Build, bottom to top" aside={`${Math.round(build.heightMm)} mm high, ${Math.round(build.headroomMm)} mm free under the rim`}>
        <ol className="divide-y divide-line">
          {build.layers.map((l, i) => (
            <li key={`${i}-${l.name}`} className="grid grid-cols-[2rem_1fr_auto] items-baseline gap-3 py-2">
              <span className="text-right font-bold text-rim">{i + 1}</span>
              <span>
                <strong className="font-semibold">{l.name}</strong>
                <span className="block text-sm text-faded">{PART_WORDS[l.part]}{l.share < 0.995 ? `, ${percent(l.share)} of it` : ", all of it"} · {l.heightMm.toFixed(1)} mm</span>
              </span>
              <span className="text-lg font-semibold">{grams(l.grams)}</span>
            </li>
          ))}
        </ol>
        {build.sheets && <Sheets sheets={build.sheets} />}
      </Card>
      <Card title="Pan">
        <PanForm pan={brief.pan ?? null} used={build.pan} onPan={(pan) => edit({ pan })} />
      </Card>
    </div>
  );
}

function Sheets({ sheets }: { sheets: NonNullable<Build["sheets"]> }) {
  const short = sheets.needed > sheets.have;
  return (
    <p className={`mt-3 rounded-lg p-3 ${short ? "bg-warm-soft text-warm" : "bg-enamel"}`}>
      <strong>{sheets.needed} sheets</strong> of {sheets.item}: {sheets.perLayer} a layer, {sheets.layers} layers, and {sheets.spare} spare for breakage.
      {short ? ` The recipe has ${sheets.have}: buy ${sheets.needed - sheets.have} more.` : ` The recipe has ${sheets.have}.`}
    </p>
  );
}
