import { Dialog } from "radix-ui";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { useLocation, useNavigate } from "react-router";
import { told } from "../messages";
import { Button } from "./Button";

const ROOMS: Record<string, { to: string; words: string }> = {
  s: { to: "/", words: told("web.ui.shelf") },
  t: { to: "/table", words: told("web.ui.table") },
  l: { to: "/larder", words: told("web.ui.larder") },
  h: { to: "/house", words: told("web.ui.house") },
  n: { to: "/read", words: told("web.ui.read-a-recipe") },
};

const STOPS = ["read", "swap", "prep", "build", "bake", "notes"];

/** Keys for hands that know their way, and the sheet that tells them: "?". None of them works while words are typed. */
export function Shortcuts() {
  const [open, setOpen] = useState(false);
  const go = useNavigate();
  const { pathname } = useLocation();
  const dish = /^\/dishes\/[^/]+/.exec(pathname)?.[0];
  useHotkeys("shift+slash, shift+?", () => setOpen(true), { preventDefault: true });
  useHotkeys(Object.keys(ROOMS), (_, key) => void go(ROOMS[key.keys?.join("") ?? ""]?.to ?? "/"));
  useHotkeys("1,2,3,4,5,6", (_, key) => void go(`${dish}/${STOPS[Number(key.keys?.join("")) - 1]}`), {
    enabled: dish !== undefined,
  });
  useHotkeys("slash", () => document.querySelector<HTMLElement>("search input, search textarea")?.focus(), {
    preventDefault: true,
  });
  return (
    <Dialog.Root open={open} onOpenChange={setOpen} modal={false}>
      <Dialog.Portal>
        <div aria-hidden="true" className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-50 w-[min(28rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 rounded-xl border border-line bg-sheet p-5 shadow-xl"
        >
          <Dialog.Title className="mb-3 text-lg font-bold">{told("web.ui.keys")}</Dialog.Title>
          <dl className="grid grid-cols-[4.5rem_1fr] gap-x-4 gap-y-1.5">
            {Object.entries(ROOMS).map(([key, room]) => (
              <Key key={key} name={key} does={room.words} />
            ))}
            <Key name="1 – 6" does={told("web.ui.read-swap-prep-build-bake-notes")} />
            <Key name="/" does={told("web.ui.find-a-dish-on-the-shelf")} />
            <Key name="?" does={told("web.ui.this-sheet")} />
          </dl>
          <p className="mt-3 text-sm text-faded">{told("web.ui.they-rest-while-you-type")}</p>
          <Dialog.Close asChild>
            <Button className="mt-4">{told("web.ui.close")}</Button>
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Key({ name, does }: { name: string; does: string }) {
  return (
    <>
      <dt>
        <kbd className="rounded border border-line bg-enamel px-2 py-0.5 font-semibold">{name}</kbd>
      </dt>
      <dd>{does}</dd>
    </>
  );
}
