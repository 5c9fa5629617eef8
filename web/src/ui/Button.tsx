import type { ButtonHTMLAttributes } from "react";

type Look = "main" | "plain" | "quiet";

const LOOKS: Record<Look, string> = {
  main: "bg-rim text-on-rim border-rim hover:brightness-110",
  plain: "bg-sheet text-rim border-rim hover:bg-rim-soft",
  quiet: "bg-transparent text-rim border-transparent hover:bg-rim-soft",
};

export function Button({
  look = "plain",
  className = "",
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-10 items-center gap-2 rounded-lg border-2 px-3.5 py-1.5 font-semibold disabled:cursor-not-allowed disabled:opacity-45 ${LOOKS[look]} ${className}`}
      {...rest}
    />
  );
}
