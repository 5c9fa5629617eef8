import { Dialog } from "radix-ui";
import { told } from "../messages";
import { Button } from "../ui";
import { differences } from "./differences";
import type { Desk } from "./saving";

/** Both versions side by side; nothing is lost until the cook chooses. */
export function Conflict({ desk, onTheirs, onMine }: { desk: Desk; onTheirs: () => void; onMine: () => void }) {
  if (desk.saving.kind !== "conflict") return null;
  const theirs = desk.saving.theirs;
  const rows = differences(desk.brief, theirs.brief);
  return (
    <Dialog.Root open>
      <Dialog.Portal>
        {/* Not Dialog.Overlay: it writes a style of its own, which the content policy refuses. */}
        <div className="fixed inset-0 z-40 bg-black/50" />
        <Dialog.Content
          data-blocks
          className="fixed left-1/2 top-1/2 z-50 max-h-[90vh] w-[min(46rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-xl bg-sheet p-5 shadow-xl"
          onEscapeKeyDown={(e) => e.preventDefault()}
          onPointerDownOutside={(e) => e.preventDefault()}
        >
          <Dialog.Title className="text-xl font-bold">{told("web.dish.this-dish-was-changed-in-another")}</Dialog.Title>
          <Dialog.Description className="mt-1 text-faded">
            {told("web.dish.both-versions-are-here-choose-which")}
          </Dialog.Description>
          <table className="mt-4 w-full border-collapse text-left">
            <thead>
              <tr className="border-b-2 border-line">
                <th className="py-1.5 pr-3">{told("web.dish.what")}</th>
                <th className="py-1.5 pr-3">{told("web.dish.this-window")}</th>
                <th className="py-1.5">{told("web.dish.the-other-window")}</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.what} className="border-b border-line align-top">
                  <th scope="row" className="py-2 pr-3 font-semibold">
                    {row.what}
                  </th>
                  <td className="py-2 pr-3">{row.mine}</td>
                  <td className="py-2">{row.theirs}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="mt-5 flex flex-wrap gap-2">
            <Button look="main" onClick={onMine}>
              {told("web.dish.keep-this-windows")}
            </Button>
            <Button onClick={onTheirs}>{told("web.dish.take-the-other-windows")}</Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
