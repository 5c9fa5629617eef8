import type { Saving } from "./saving";

const WORDS: Record<Saving["kind"], string> = {
  saved: "Saved",
  waiting: "Saving…",
  moving: "Saving…",
  sending: "Saving…",
  away: "Kept here",
  conflict: "Two versions",
  refused: "Not saved",
};

export function SavingSign({ saving }: { saving: Saving }) {
  const calm =
    saving.kind === "saved" || saving.kind === "waiting" || saving.kind === "sending" || saving.kind === "moving";
  return (
    <span
      role="status"
      aria-label="Saving"
      className={`ml-auto rounded-md px-2 py-1 text-sm font-semibold ${calm ? "text-faded" : "bg-warm-soft text-warm"}`}
    >
      {WORDS[saving.kind]}
    </span>
  );
}
