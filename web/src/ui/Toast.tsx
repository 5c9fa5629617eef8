import { Toast } from "radix-ui";
import type { Said } from "./Toasts";

const LOOK_MS = 12_000;

export function OneToast({ said, onGone }: { said: Said; onGone: () => void }) {
  return (
    <Toast.Provider duration={LOOK_MS} swipeDirection="down">
      <Toast.Root
        open
        onOpenChange={(open) => !open && onGone()}
        className="flex items-center justify-between gap-4 rounded-xl bg-ink px-4 py-3 text-sheet shadow-lg"
      >
        <Toast.Title>{said.words}</Toast.Title>
        {said.undo && (
          <Toast.Action
            altText={said.undo.says}
            className="min-h-9 shrink-0 cursor-pointer rounded-lg border border-sheet px-3 font-semibold"
            onClick={said.undo.act}
          >
            {said.undo.label}
          </Toast.Action>
        )}
      </Toast.Root>
      <Toast.Viewport className="fixed bottom-5 left-1/2 z-50 w-[min(30rem,calc(100vw-2rem))] -translate-x-1/2 outline-none" />
    </Toast.Provider>
  );
}
