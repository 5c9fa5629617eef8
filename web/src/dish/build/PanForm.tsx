import { useQuery } from "@tanstack/react-query";
import { api, type Build, type PanInBrief } from "../../api";
import { told } from "../../messages";
import { Button, NumberField, PickOne, SelectField } from "../../ui";

const SHAPES = [
  { value: "rectangle", label: told("web.dish.rectangle") },
  { value: "round", label: told("web.dish.round") },
  { value: "oval", label: told("web.dish.oval") },
] as const;
const MATERIALS = [
  { value: "glass", label: told("web.dish.glass") },
  { value: "ceramic", label: told("web.dish.ceramic") },
  { value: "enamel", label: told("web.dish.enamel") },
  { value: "metal", label: told("web.dish.metal") },
  { value: "cast-iron", label: told("web.dish.cast-iron") },
  { value: "unknown", label: told("web.dish.not-said") },
] as const;

/** The cook's pan, inside sizes. Until it is set, the recipe's pan or one that fits is used. */
export function PanForm({
  pan,
  used,
  onPan,
}: {
  pan: PanInBrief | null;
  used: Build["pan"];
  onPan: (pan: PanInBrief | undefined) => void;
}) {
  const now: PanInBrief = {
    shape: used.shape,
    lengthMm: used.lengthMm,
    widthMm: used.widthMm,
    diameterMm: used.lengthMm,
    depthMm: used.depthMm,
    material: used.material,
    baseLengthMm: used.baseLengthMm,
    baseWidthMm: used.baseWidthMm,
    count: used.count,
  };
  const set = (change: PanInBrief) => onPan({ ...now, ...change });
  const resize = (change: PanInBrief) => set({ baseLengthMm: undefined, baseWidthMm: undefined, ...change });
  const round = used.shape === "round";
  return (
    <div className="flex flex-col gap-4">
      <p className="text-faded">
        {pan ? told("web.dish.your-pan-measured-inside") : told("web.dish.the-recipes-pan-or-one-that")}
      </p>
      <PanPicker onPan={onPan} />
      <PickOne
        label={told("web.dish.shape")}
        value={used.shape}
        options={SHAPES}
        onPick={(shape) => resize({ shape })}
      />
      <div className="flex flex-wrap gap-4">
        {round ? (
          <NumberField
            label={told("web.dish.across")}
            unit={told("web.dish.mm-unit")}
            min={80}
            max={700}
            value={used.lengthMm}
            onValue={(v) => v && resize({ diameterMm: v, lengthMm: v, widthMm: v })}
          />
        ) : (
          <>
            <NumberField
              label={told("web.dish.length")}
              unit={told("web.dish.mm-unit")}
              min={80}
              max={700}
              value={used.lengthMm}
              onValue={(v) => v && resize({ lengthMm: v })}
            />
            <NumberField
              label={told("web.dish.width")}
              unit={told("web.dish.mm-unit")}
              min={80}
              max={700}
              value={used.widthMm}
              onValue={(v) => v && resize({ widthMm: v })}
            />
          </>
        )}
        <NumberField
          label={round ? told("web.dish.across-the-base") : told("web.dish.base-length")}
          unit={told("web.dish.mm-unit")}
          min={40}
          max={700}
          value={used.baseLengthMm}
          onValue={(v) => v && set(round ? { baseLengthMm: v, baseWidthMm: v } : { baseLengthMm: v })}
        />
        {!round && (
          <NumberField
            label={told("web.dish.base-width")}
            unit={told("web.dish.mm-unit")}
            min={40}
            max={700}
            value={used.baseWidthMm}
            onValue={(v) => v && set({ baseWidthMm: v })}
          />
        )}
        <NumberField
          label={told("web.ui.how-many")}
          min={1}
          max={24}
          value={used.count}
          onValue={(v) => v && set({ count: Math.round(v) })}
        />
        <NumberField
          label={told("web.dish.depth")}
          unit={told("web.dish.mm-unit")}
          min={20}
          max={200}
          value={used.depthMm}
          onValue={(v) => v && set({ depthMm: v })}
        />
      </div>
      <PickOne
        label={told("web.dish.material")}
        value={used.material}
        options={MATERIALS}
        onPick={(material) => set({ material })}
      />
      {pan && (
        <div>
          <Button look="quiet" onClick={() => onPan(undefined)}>
            {told("web.dish.go-back-to-the-recipes-pan")}
          </Button>
        </div>
      )}
    </div>
  );
}

/** The house's own pans first, then common ones. */
function PanPicker({ onPan }: { onPan: (pan: PanInBrief) => void }) {
  const common = useQuery({ queryKey: ["pans"], queryFn: api.pans, staleTime: Infinity });
  const house = useQuery({ queryKey: ["house"], queryFn: api.house });
  const own = (house.data?.house.pans ?? []).map((p) => ({ name: told("web.dish.ours", p.name), pan: p.pan ?? {} }));
  const all = [
    ...own,
    ...(common.data ?? []).map((n) => ({ name: n.name, pan: { ...n.pan, diameterMm: n.pan.lengthMm } as PanInBrief })),
  ];
  return (
    <div className="max-w-sm">
      <SelectField
        label={told("web.dish.take-a-pan-from-the-shelf")}
        value=""
        onValue={(v) => v !== "" && onPan(all[Number(v)].pan)}
        options={[
          { value: "", label: told("web.ui.choose") },
          ...all.map((p, i) => ({ value: String(i), label: p.name })),
        ]}
      />
    </div>
  );
}
