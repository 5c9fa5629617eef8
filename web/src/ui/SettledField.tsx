import { useEffect, useId, useState } from "react";
import { FIELD } from "./TextField";

interface Props {
  label: string;
  value: string;
  type?: "text" | "datetime-local";
  onSettled: (value: string) => void;
}

/** Words or a time, told when the cook leaves the field. */
export function SettledField({ label, value, type = "text", onSettled }: Props) {
  const id = useId();
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value]);
  const settle = () => {
    if (text !== value && (text || type === "text")) onSettled(text);
  };
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className="text-sm font-medium text-faded">
        {label}
      </label>
      <input
        id={id}
        type={type}
        value={text}
        className={type === "text" ? FIELD : `${FIELD} max-w-56`}
        onChange={(e) => setText(e.target.value)}
        onBlur={settle}
        onKeyDown={(e) => e.key === "Enter" && settle()}
      />
    </div>
  );
}
