import type { ReactNode } from "react";

type Tone = "plain" | "warm" | "danger";

const TONES: Record<Tone, string> = {
  plain: "border-line bg-sheet",
  warm: "border-warm bg-warm-soft",
  danger: "border-danger bg-danger-soft",
};

/** Something the cook should see: what, where, and what to do. */
export function Notice({ tone = "plain", title, children }: { tone?: Tone; title?: string; children: ReactNode }) {
  return (
    <div role={tone === "danger" ? "alert" : "status"} className={`rounded-lg border-l-4 px-4 py-3 ${TONES[tone]}`}>
      {title && <p className="font-bold">{title}</p>}
      <div>{children}</div>
    </div>
  );
}
