import { ALLERGENS, allergenWord, Card, NEEDS, PickAny, PickOne, sentence } from "../../ui";
import type { StopProps } from "../stopProps";

export function NeedsPicker({ brief, edit }: Pick<StopProps, "brief" | "edit">) {
  const avoid = brief.avoid ?? [];
  return (
    <Card title="Safe for">
      <div className="flex flex-col gap-3">
        <PickAny label="Needs" value={brief.needs ?? []} onPick={(needs) => edit({ needs })} options={NEEDS.map((n) => ({ value: n as string, label: sentence(n) }))} />
        <div className="flex flex-wrap items-center gap-x-6 gap-y-3">
          <PickOne label="How strict" value={brief.strict ? "strict" : "ingredient"} onPick={(v) => edit({ strict: v === "strict" })}
            options={[{ value: "ingredient", label: "By ingredient" }, { value: "strict", label: "Strict: traces matter" }]} />
          <details className="flex-1 basis-56">
            <summary className="cursor-pointer py-2 font-semibold text-rim">Single allergens{avoid.length ? `: ${avoid.map(allergenWord).join(", ")}` : ""}</summary>
            <PickAny label="Single allergens" value={avoid} onPick={(a) => edit({ avoid: a })} options={ALLERGENS.map((a) => ({ value: a as string, label: sentence(allergenWord(a)) }))} />
          </details>
        </div>
      </div>
    </Card>
  );
}
