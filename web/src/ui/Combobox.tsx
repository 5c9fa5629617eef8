import { Popover } from "radix-ui";
import { useId, useState } from "react";
import { matching, type Option } from "./matching";
import { FIELD } from "./TextField";

interface Props {
  label: string;
  options: readonly Option[];
  value: string;
  onValue: (words: string) => void;
  hint?: string;
  wrong?: string | null;
}

/** One of many by typing a part of its name: the nearest stand below, taken with the arrows and Enter or a touch. */
export function Combobox({ label, options, value, onValue, hint, wrong }: Props) {
  const id = useId();
  const [open, setOpen] = useState(false);
  const [at, setAt] = useState(0);
  const shown = open ? matching(options, value) : [];
  const take = (option: Option) => {
    onValue(option.name);
    setOpen(false);
  };
  const onKey = (e: React.KeyboardEvent) => {
    const step = e.key === "ArrowDown" ? 1 : e.key === "ArrowUp" ? -1 : 0;
    if (step !== 0) {
      e.preventDefault();
      setOpen(true);
      setAt((now) => (now + step + Math.max(1, shown.length)) % Math.max(1, shown.length));
    } else if (e.key === "Enter" && open && shown[at]) {
      e.preventDefault();
      take(shown[at]);
    } else if (e.key === "Escape" && open) {
      e.stopPropagation();
      setOpen(false);
    }
  };
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className="text-sm font-medium text-faded">
        {label}
      </label>
      <Popover.Root open={shown.length > 0} onOpenChange={setOpen}>
        <Popover.Anchor asChild>
          <input
            id={id}
            role="combobox"
            autoComplete="off"
            className={FIELD}
            value={value}
            aria-expanded={shown.length > 0}
            aria-controls={`${id}-list`}
            aria-autocomplete="list"
            aria-activedescendant={shown[at] ? `${id}-${at}` : undefined}
            aria-invalid={Boolean(wrong)}
            aria-describedby={wrong || hint ? `${id}-hint` : undefined}
            onChange={(e) => {
              onValue(e.target.value);
              setAt(0);
              setOpen(true);
            }}
            onKeyDown={onKey}
            onBlur={() => setOpen(false)}
          />
        </Popover.Anchor>
        <Popover.Content
          align="start"
          sideOffset={4}
          onOpenAutoFocus={(e) => e.preventDefault()}
          className="z-40 max-h-72 w-(--radix-popover-trigger-width) overflow-y-auto rounded-lg border border-line bg-sheet p-1 shadow-lg"
        >
          <div id={`${id}-list`} role="listbox" aria-label={label}>
            {shown.map((option, i) => (
              <div
                key={option.id}
                id={`${id}-${i}`}
                role="option"
                tabIndex={-1}
                aria-selected={i === at}
                className={`cursor-pointer rounded px-2 py-1.5 ${i === at ? "bg-rim-soft text-rim" : ""}`}
                onPointerDown={(e) => {
                  e.preventDefault();
                  take(option);
                }}
              >
                <span className="font-medium">{option.name}</span>
                {option.also.length > 0 && <span className="block text-sm text-faded">{option.also.join(", ")}</span>}
              </div>
            ))}
          </div>
        </Popover.Content>
      </Popover.Root>
      {(wrong ?? hint) && (
        <p id={`${id}-hint`} className={`text-sm ${wrong ? "text-danger" : "text-faded"}`}>
          {wrong ?? hint}
        </p>
      )}
    </div>
  );
}
