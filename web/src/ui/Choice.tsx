import { ToggleGroup } from "radix-ui";

const ITEM =
  "min-h-10 rounded-lg border-2 border-line bg-sheet px-3 py-1.5 font-medium data-[state=on]:border-rim data-[state=on]:bg-rim data-[state=on]:text-on-rim hover:border-rim";

interface Option<T extends string> {
  value: T;
  label: string;
}

/** One of several. */
export function PickOne<T extends string>(props: {
  label: string;
  value: T;
  options: readonly Option<T>[];
  onPick: (value: T) => void;
}) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={props.label}
      value={props.value}
      className="flex flex-wrap gap-1.5"
      onValueChange={(value) => value && props.onPick(value as T)}
    >
      {props.options.map((o) => (
        <ToggleGroup.Item key={o.value} value={o.value} className={ITEM}>
          {o.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}

/** Any of several. */
export function PickAny<T extends string>(props: {
  label: string;
  value: readonly T[];
  options: readonly Option<T>[];
  onPick: (value: T[]) => void;
}) {
  return (
    <ToggleGroup.Root
      type="multiple"
      aria-label={props.label}
      value={[...props.value]}
      className="flex flex-wrap gap-1.5"
      onValueChange={(value) => props.onPick(value as T[])}
    >
      {props.options.map((o) => (
        <ToggleGroup.Item key={o.value} value={o.value} className={ITEM}>
          {o.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
