import type { Build, PanInBrief } from "../../api";
import { Button, NumberField, PickOne } from "../../ui";

const SHAPES = [{ value: "rectangle", label: "Rectangle" }, { value: "round", label: "Round" }, { value: "oval", label: "Oval" }] as const;
const MATERIALS = [
  { value: "glass", label: "Glass" }, { value: "ceramic", label: "Ceramic" }, { value: "enamel", label: "Enamel" },
  { value: "metal", label: "Metal" }, { value: "cast-iron", label: "Cast iron" },
] as const;

/** The cook's pan, inside sizes. Until it is set, the recipe's pan or one that fits is used. */
export function PanForm({ pan, used, onPan }: { pan: PanInBrief | null; used: Build["pan"]; onPan: (pan: PanInBrief | undefined) => void }) {
  const now: PanInBrief = { shape: used.shape, lengthMm: used.lengthMm, widthMm: used.widthMm, diameterMm: used.lengthMm, depthMm: used.depthMm, material: used.material };
  const set = (change: PanInBrief) => onPan({ ...now, ...change });
  const round = used.shape === "round";
  return (
    <div className="flex flex-col gap-4">
      <p className="text-faded">{pan ? "Your pan, measured inside." : "The recipe's pan, or one that fits. Measure yours inside and set it here."}</p>
      <PickOne label="Shape" value={used.shape} options={SHAPES} onPick={(shape) => set({ shape })} />
      <div className="flex flex-wrap gap-4">
        {round ? (
          <NumberField label="Across" unit="mm" min={80} max={700} value={used.lengthMm} onValue={(v) => v && set({ diameterMm: v, lengthMm: v, widthMm: v })} />
        ) : (
          <>
            <NumberField label="Length" unit="mm" min={80} max={700} value={used.lengthMm} onValue={(v) => v && set({ lengthMm: v })} />
            <NumberField label="Width" unit="mm" min={80} max={700} value={used.widthMm} onValue={(v) => v && set({ widthMm: v })} />
          </>
        )}
        <NumberField label="Depth" unit="mm" min={20} max={200} value={used.depthMm} onValue={(v) => v && set({ depthMm: v })} />
      </div>
      <PickOne label="Material" value={used.material} options={MATERIALS} onPick={(material) => set({ material })} />
      {pan && <div><Button look="quiet" onClick={() => onPan(undefined)}>Go back to the recipe's pan</Button></div>}
    </div>
  );
}
