import type { Brief, Build } from "../../api";
import { rich, told } from "../../messages";
import { Button, Card, NumberField, sentence } from "../../ui";

type Own = NonNullable<Brief["build"]>;

const WAYS: Record<string, string> = {
  unboiled: told("web.dish.dry-unboiled"),
  parboil: told("web.dish.parboiled"),
  boil: told("web.dish.boiled"),
};

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
    <Card title={sheets ? told("web.dish.sheets") : rolls ? told("web.dish.pieces-to-fill") : told("web.dish.lid")}>
      {sheets && (
        <>
          <p>
            {rich(
              "web.dish.for-layer-of-pieces-off-cuts",
              { a: (words) => <strong>{words}</strong> },
              sheets.needed,
              sheets.item,
              WAYS[sheets.way],
              sheets.layers,
              sheets.perLayer,
              sheets.needed < sheets.layers * sheets.perLayer,
              sheets.spare,
            )}
          </p>
          <p className={sheets.toBuy > 0 ? "font-semibold text-warm" : "text-faded"}>
            {sheets.toBuy > 0
              ? told("web.dish.the-recipe-has-buy-more", sheets.have, sheets.toBuy + sheets.spare)
              : told("web.dish.the-recipe-has", sheets.have)}
          </p>
          {sheets.refused && (
            <p className="mt-1 font-semibold text-warm">
              {told("web.dish.not-they-go-in", WAYS[sheets.refused], sheets.why, WAYS[sheets.way])}
            </p>
          )}
          {!sheets.refused && <p className="text-sm text-faded">{sheets.why}</p>}
          <div className="mt-3 flex flex-wrap items-end gap-4">
            <NumberField
              label={told("web.dish.layers-of-sheets")}
              optional
              min={1}
              max={8}
              value={own.sheetLayers ?? sheets.layers}
              onValue={(v) => onBuild({ sheetLayers: v ?? undefined })}
            />
            <NumberField
              label={told("web.dish.one-sheet-long")}
              unit={told("web.dish.mm-unit")}
              min={40}
              max={500}
              value={sheets.longMm}
              onValue={(v) => v && onBuild({ sheetLongMm: v, sheetShortMm: sheets.shortMm })}
            />
            <NumberField
              label={told("web.dish.short-side")}
              unit={told("web.dish.mm-unit")}
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
                {told("web.dish.as-usual")}
              </Button>
            )}
          </div>
        </>
      )}
      {rolls && (
        <>
          <p>
            {rich("web.dish.to-fill", { a: (words) => <strong>{words}</strong> }, rolls.filled, rolls.item)}
            {rolls.fillingEach && (
              <>
                , <strong>{rolls.fillingEach}</strong>
              </>
            )}
            {told("web.dish.fit-in-one-layer", rolls.fit, rolls.how)}
          </p>
          {rolls.secondUse && (
            <p className="text-warm">
              {rolls.second > 0 && told("web.dish.do-not-fit", rolls.second)}
              {rolls.secondUse}
            </p>
          )}
        </>
      )}
      {lid && <p>{sentence(lid.words)}</p>}
    </Card>
  );
}
