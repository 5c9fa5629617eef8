import { useId } from "react";
import { FIELD } from "./TextField";

interface Props {
  label: string;
  value: string;
  options: readonly { value: string; label: string }[];
  onValue: (value: string) => void;
  hint?: string;
}

/** One of a list, closed until it is needed. */
export function SelectField({ label, value, options, onValue, hint }: Props) {
  const id = useId();
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className="text-sm font-medium text-faded">
        {label}
      </label>
      <select
        id={id}
        className={`${FIELD} min-w-0`}
        value={value}
        aria-describedby={hint ? `${id}-hint` : undefined}
        onChange={(e) => onValue(e.target.value)}
      >
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.label}
          </option>
        ))}
      </select>
      {hint && (
        <p id={`${id}-hint`} className="text-sm text-faded">
          {hint}
        </p>
      )}
    </div>
  );
}
