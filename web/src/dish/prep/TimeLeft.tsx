import type { PrepStep } from "../../api";
import { told } from "../../messages";
import { minutes, PickOne } from "../../ui";

const ENOUGH = "enough";
const CHOICES = [
  { value: ENOUGH, label: told("web.dish.time-enough") },
  { value: "900", label: told("web.dish.a-night") },
  { value: "120", label: told("web.dish.hours") },
  { value: "60", label: told("web.dish.hour") },
  { value: "20", label: told("web.dish.20-min") },
] as const;

interface Props {
  steps: readonly PrepStep[];
  minutesLeft: number | null;
  onMinutes: (minutes: number | null) => void;
}

/** How long it is until the dish should be built: soaks follow, and what no longer fits is said. */
export function TimeLeft({ steps, minutesLeft, onMinutes }: Props) {
  const needed = Math.max(0, ...steps.map((s) => s.startMinutesBefore));
  const late = minutesLeft !== null && needed > minutesLeft;
  return (
    <div className="mb-3 border-b border-line pb-3">
      <p className="mb-1.5 text-sm font-medium text-faded">{told("web.dish.until-you-build-the-dish-there")}</p>
      <PickOne
        label={told("web.dish.time-left-until-building")}
        value={minutesLeft === null ? ENOUGH : String(minutesLeft)}
        options={withOwn(minutesLeft)}
        onPick={(v) => onMinutes(v === ENOUGH ? null : Number(v))}
      />
      <p className={`mt-1.5 text-sm ${late ? "font-semibold text-warm" : "text-faded"}`}>
        {late
          ? told("web.dish.it-takes-buy-ready-what-you", minutes(needed))
          : told("web.dish.all-of-it-takes-one-cook", minutes(needed))}
      </p>
    </div>
  );
}

function withOwn(minutesLeft: number | null): readonly { value: string; label: string }[] {
  const known = minutesLeft === null || CHOICES.some((c) => c.value === String(minutesLeft));
  return known ? CHOICES : [...CHOICES, { value: String(minutesLeft), label: minutes(minutesLeft) }];
}
