/** A dish's letter on its texture: the same on every view and on paper. */
export function DishMark({ dish, small = false }: { dish: number; small?: boolean }) {
  return (
    <span
      aria-hidden="true"
      className={`dish-texture dish-texture-${dish % 8} inline-flex shrink-0 items-center justify-center rounded border-2 border-ink/60 ${small ? "size-5 text-xs" : "size-7 text-sm"}`}
    >
      <span className="rounded-sm bg-sheet px-0.5 font-bold leading-none">{letterOf(dish)}</span>
    </span>
  );
}

export function letterOf(dish: number): string {
  return String.fromCharCode(65 + dish);
}
