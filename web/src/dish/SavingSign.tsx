import { told } from "../messages";
import type { Saving } from "./saving";

const WORDS: Record<Saving["kind"], string> = {
  saved: told("web.ui.saved"),
  waiting: told("web.ui.saving"),
  moving: told("web.ui.saving"),
  sending: told("web.ui.saving"),
  away: told("web.dish.kept-here"),
  conflict: told("web.dish.two-versions"),
  refused: told("web.ui.not-saved"),
};

export function SavingSign({ saving }: { saving: Saving }) {
  const calm =
    saving.kind === "saved" || saving.kind === "waiting" || saving.kind === "sending" || saving.kind === "moving";
  return (
    <span
      role="status"
      aria-label={told("web.ui.saving-label")}
      className={`ml-auto rounded-md px-2 py-1 text-sm font-semibold ${calm ? "text-faded" : "bg-warm-soft text-warm"}`}
    >
      {WORDS[saving.kind]}
    </span>
  );
}
