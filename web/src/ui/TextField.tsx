import { type ReactNode, useId } from "react";

export const FIELD =
  "min-h-10 w-full rounded-lg border-2 border-line bg-sheet px-2.5 py-1.5 aria-[invalid=true]:border-danger";

interface Props {
  label: string;
  value: string;
  onValue: (value: string) => void;
  hint?: string;
  lines?: number;
  wrong?: string | null;
  children?: ReactNode;
}

/** Words with their label above; what is wrong stands below. */
export function TextField({ label, value, onValue, hint, lines = 1, wrong, children }: Props) {
  const id = useId();
  const shared = {
    id,
    value,
    "aria-invalid": Boolean(wrong),
    "aria-describedby": wrong || hint ? `${id}-hint` : undefined,
    className: FIELD,
  };
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className="text-sm font-medium text-faded">
        {label}
      </label>
      {lines > 1 ? (
        <textarea {...shared} rows={lines} spellCheck={false} onChange={(e) => onValue(e.target.value)} />
      ) : (
        <input {...shared} onChange={(e) => onValue(e.target.value)} />
      )}
      {(wrong ?? hint) && (
        <p id={`${id}-hint`} className={`text-sm ${wrong ? "text-danger" : "text-faded"}`}>
          {wrong ?? hint}
        </p>
      )}
      {children}
    </div>
  );
}
