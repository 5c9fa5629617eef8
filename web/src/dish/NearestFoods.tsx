import type { Near } from "../api";
import { told } from "../messages";
import { Button } from "../ui";

/** Foods that words nobody knows may mean; one touch says which, and it is remembered. */
export function NearestFoods({
  text,
  nearest,
  onIs,
}: {
  text: string;
  nearest: readonly Near[];
  onIs: (ingredient: string) => void;
}) {
  return nearest.length === 0 ? null : (
    <span className="flex flex-wrap items-center gap-1.5">
      <span className="text-sm">{told("web.dish.it-is")}</span>
      {nearest.map((n) => (
        <Button
          key={n.id}
          className="min-h-8 px-2.5 py-0.5 text-sm"
          aria-label={told("web.dish.is", text, n.name)}
          onClick={() => onIs(n.id)}
        >
          {n.name}
        </Button>
      ))}
    </span>
  );
}
