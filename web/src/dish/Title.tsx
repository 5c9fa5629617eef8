import { useState } from "react";
import { told } from "../messages";
import { Button, FIELD } from "../ui";

/** The dish's name, to be written anew. */
export function Title({ title, onRename }: { title: string; onRename: (name: string) => void }) {
  const [name, setName] = useState<string | null>(null);
  const settle = () => {
    const now = name?.trim();
    if (now && now !== title) onRename(now);
    setName(null);
  };
  return (
    <div className="order-last flex min-w-0 basis-full items-center gap-2 sm:order-none sm:flex-1 sm:basis-0">
      {name === null ? (
        <>
          <h1 className="min-w-0 truncate text-lg font-bold">{title}</h1>
          <Button look="quiet" className="no-print min-h-9 px-2 text-sm" onClick={() => setName(title)}>
            {told("web.dish.rename")}
          </Button>
        </>
      ) : (
        <form
          className="flex min-w-0 flex-1 gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            settle();
          }}
        >
          <input
            aria-label={told("web.dish.name-of-the-dish")}
            className={`${FIELD} max-w-md font-bold`}
            value={name}
            maxLength={120}
            ref={(field) => field?.focus()}
            onChange={(e) => setName(e.target.value)}
            onBlur={settle}
            onKeyDown={(e) => e.key === "Escape" && setName(null)}
          />
        </form>
      )}
    </div>
  );
}
