import type { Brief, Build } from "../../api";
import { Button, Card, NumberField, sentence } from "../../ui";

type Own = NonNullable<Brief["build"]>;

const WAYS: Record<string, string> = { unboiled: "dry, unboiled", parboil: "parboiled", boil: "boiled" };

/** Sheets to lay, tubes to fill, the lid to roll: how many, how large, how they go in. */
export function SheetsCard({
  build,
  own,
  onBuild,
}: {
  build: Build;
  own: Own;
  onBuild: (change: Partial<Own>) => void;
}) {
  const { sheets, rolls, lid } = build;
  return (
    <Card title={sheets ? "Sheets" : rolls ? "Pieces to fill" : "Lid"}>
      {sheets && (
        <>
          <p>
            <strong>
              {sheets.needed} {sheets.item}
            </strong>
            , {WAYS[sheets.way]}, for {sheets.layers} {sheets.layers === 1 ? "layer" : "layers"} of {sheets.perLayer}
            {sheets.needed < sheets.layers * sheets.perLayer && " pieces, off-cuts among them"}; and {sheets.spare}{" "}
            spare for breakage.
          </p>
          <p className={sheets.toBuy > 0 ? "font-semibold text-warm" : "text-faded"}>
            {sheets.toBuy > 0
              ? `The recipe has ${sheets.have}: buy ${sheets.toBuy + sheets.spare} more.`
              : `The recipe has ${sheets.have}.`}
          </p>
          {sheets.refused && (
            <p className="mt-1 font-semibold text-warm">
              Not {WAYS[sheets.refused]}: {sheets.why} They go in {WAYS[sheets.way]}.
            </p>
          )}
          {!sheets.refused && <p className="text-sm text-faded">{sheets.why}</p>}
          <div className="mt-3 flex flex-wrap items-end gap-4">
            <NumberField
              label="Layers of sheets"
              optional
              min={1}
              max={8}
              value={own.sheetLayers ?? sheets.layers}
              onValue={(v) => onBuild({ sheetLayers: v ?? undefined })}
            />
            <NumberField
              label="One sheet, long"
              unit="mm"
              min={40}
              max={500}
              value={sheets.longMm}
              onValue={(v) => v && onBuild({ sheetLongMm: v, sheetShortMm: sheets.shortMm })}
            />
            <NumberField
              label="short"
              unit="mm"
              min={40}
              max={500}
              value={sheets.shortMm}
              onValue={(v) => v && onBuild({ sheetLongMm: sheets.longMm, sheetShortMm: v })}
            />
            {(own.sheetLayers || own.sheetLongMm) && (
              <Button
                look="quiet"
                onClick={() => onBuild({ sheetLayers: undefined, sheetLongMm: undefined, sheetShortMm: undefined })}
              >
                As usual
              </Button>
            )}
          </div>
        </>
      )}
      {rolls && (
        <>
          <p>
            <strong>
              {rolls.filled} {rolls.item}
            </strong>{" "}
            to fill
            {rolls.fillingEach && (
              <>
                , <strong>{rolls.fillingEach}</strong>
              </>
            )}
            . {rolls.fit} fit in one layer, {rolls.how}.
          </p>
          {rolls.secondUse && (
            <p className="text-warm">
              {rolls.second > 0 && `${rolls.second} do not fit. `}
              {rolls.secondUse}
            </p>
          )}
        </>
      )}
      {lid && <p>{sentence(lid.words)}</p>}
    </Card>
  );
}
