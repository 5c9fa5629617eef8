import { useQuery } from "@tanstack/react-query";
import { api, type Build, type PanInBrief } from "../../api";
import { Button, NumberField, PickOne, SelectField } from "../../ui";

const SHAPES = [
  { value: "rectangle", label: "Rectangle" },
  { value: "round", label: "Round" },
  { value: "oval", label: "Oval" },
] as const;
const MATERIALS = [
  { value: "glass", label: "Glass" },
  { value: "ceramic", label: "Ceramic" },
  { value: "enamel", label: "Enamel" },
  { value: "metal", label: "Metal" },
  { value: "cast-iron", label: "Cast iron" },
  { value: "unknown", label: "Not said" },
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
        {pan
          ? "Your pan, measured inside."
          : "The recipe's pan, or one that fits. Measure yours inside and set it here."}
      </p>
      <PanPicker onPan={onPan} />
      <PickOne label="Shape" value={used.shape} options={SHAPES} onPick={(shape) => resize({ shape })} />
      <div className="flex flex-wrap gap-4">
        {round ? (
          <NumberField
            label="Across"
            unit="mm"
            min={80}
            max={700}
            value={used.lengthMm}
            onValue={(v) => v && resize({ diameterMm: v, lengthMm: v, widthMm: v })}
          />
        ) : (
          <>
            <NumberField
              label="Length"
              unit="mm"
              min={80}
              max={700}
              value={used.lengthMm}
              onValue={(v) => v && resize({ lengthMm: v })}
            />
            <NumberField
              label="Width"
              unit="mm"
              min={80}
              max={700}
              value={used.widthMm}
              onValue={(v) => v && resize({ widthMm: v })}
            />
          </>
        )}
        <NumberField
          label={round ? "Across the base" : "Base length"}
          unit="mm"
          min={40}
          max={700}
          value={used.baseLengthMm}
          onValue={(v) => v && set(round ? { baseLengthMm: v, baseWidthMm: v } : { baseLengthMm: v })}
        />
        {!round && (
          <NumberField
            label="Base width"
            unit="mm"
            min={40}
            max={700}
            value={used.baseWidthMm}
            onValue={(v) => v && set({ baseWidthMm: v })}
          />
        )}
        <NumberField
          label="How many"
          min={1}
          max={24}
          value={used.count}
          onValue={(v) => v && set({ count: Math.round(v) })}
        />
        <NumberField
          label="Depth"
          unit="mm"
          min={20}
          max={200}
          value={used.depthMm}
          onValue={(v) => v && set({ depthMm: v })}
        />
      </div>
      <PickOne label="Material" value={used.material} options={MATERIALS} onPick={(material) => set({ material })} />
      {pan && (
        <div>
          <Button look="quiet" onClick={() => onPan(undefined)}>
            Go back to the recipe's pan
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
  const own = (house.data?.house.pans ?? []).map((p) => ({ name: `Ours: ${p.name}`, pan: p.pan ?? {} }));
  const all = [
    ...own,
    ...(common.data ?? []).map((n) => ({ name: n.name, pan: { ...n.pan, diameterMm: n.pan.lengthMm } as PanInBrief })),
  ];
  return (
    <div className="max-w-sm">
      <SelectField
        label="Take a pan from the shelf"
        value=""
        onValue={(v) => v !== "" && onPan(all[Number(v)].pan)}
        options={[{ value: "", label: "Choose…" }, ...all.map((p, i) => ({ value: String(i), label: p.name }))]}
      />
    </div>
  );
}
