import { useEffect, useId, useState } from "react";
import { told } from "../messages";

interface Props {
  label: string;
  unit?: string;
  value: number | null;
  min: number;
  max: number;
  /** Told only values inside the range. */
  onValue: (value: number | null) => void;
  optional?: boolean;
}

/** A number with its unit. A value outside the range stays on screen with what is wrong, and changes nothing. */
export function NumberField({ label, unit, value, min, max, onValue, optional = false }: Props) {
  const id = useId();
  const [text, setText] = useState(value === null ? "" : String(value));
  useEffect(() => setText(value === null ? "" : String(value)), [value]);
  const number = text.trim() === "" ? null : Number(text.replace(",", "."));
  const wrong = number === null ? !optional : !(number >= min && number <= max);
  const settle = () => {
    if (!wrong && number !== value) onValue(number);
  };
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="text-sm font-medium text-faded">
        {label}
        {unit ? ` (${unit})` : ""}
      </label>
      <input
        id={id}
        inputMode="decimal"
        value={text}
        aria-invalid={wrong}
        aria-describedby={wrong ? `${id}-wrong` : undefined}
        className="h-10 w-24 rounded-lg border-2 border-line bg-sheet px-2.5 aria-[invalid=true]:border-danger"
        onChange={(e) => setText(e.target.value)}
        onBlur={settle}
        onKeyDown={(e) => e.key === "Enter" && settle()}
      />
      {wrong && (
        <p id={`${id}-wrong`} className="max-w-40 text-sm text-danger">
          {told("web.ui.give-a-number-from-to", min, max)}
        </p>
      )}
    </div>
  );
}
