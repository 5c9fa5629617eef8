import { useCallback, useEffect, useReducer, useRef } from "react";
import { Away, api, type Brief, type Dish, Refusal } from "../api";
import { type Desk, type Happening, next, open, recall, remember } from "./saving";
import { useFlush } from "./useFlush";

const PAUSE_BEFORE_SAVING = 500;
const PAUSE_BEFORE_TRYING_AGAIN = 2_000;

export interface DeskTools {
  desk: Desk;
  edit: (change: Partial<Brief>) => void;
  undo: () => Promise<void>;
  redo: () => Promise<void>;
  takeTheirs: () => void;
  keepMine: () => void;
}

function begin(dish: Dish): Desk {
  const unsaved = recall(dish.id);
  return open(unsaved ? { ...dish, version: unsaved.version } : dish, unsaved?.brief ?? null);
}

function happeningOf(error: unknown): Happening {
  if (error instanceof Away) return { type: "away", why: error.message };
  if (error instanceof Refusal && error.problem.status === 409 && error.problem.current)
    return { type: "conflict", theirs: error.problem.current };
  return { type: "refused", why: error instanceof Error ? error.message : String(error) };
}

/** Holds one dish's brief on screen, sends edits after a short pause, and keeps them safe while it cannot. */
export function useDesk(dish: Dish): DeskTools {
  const [desk, tell] = useReducer(next, dish, begin);
  const sending = useRef(false);

  const send = useCallback(async (from: Desk) => {
    if (sending.current) return;
    sending.current = true;
    tell({ type: "sent" });
    try {
      const now = await api.change(from.dish.id, from.dish.version, from.brief);
      tell({ type: "kept", dish: now, brief: from.brief });
    } catch (error) {
      tell(happeningOf(error));
    } finally {
      sending.current = false;
    }
  }, []);
  useFlush(desk, sending);

  const { id, version } = desk.dish;
  useEffect(() => {
    remember(id, desk.saving.kind === "saved" || desk.saving.kind === "moving" ? null : { version, brief: desk.brief });
  }, [id, version, desk.brief, desk.saving.kind]);

  useEffect(() => {
    const pause =
      desk.saving.kind === "waiting"
        ? PAUSE_BEFORE_SAVING
        : desk.saving.kind === "away"
          ? PAUSE_BEFORE_TRYING_AGAIN
          : null;
    if (pause === null) return;
    const timer = setTimeout(() => void send(desk), pause);
    return () => clearTimeout(timer);
  }, [desk, send]);

  const move = useCallback(
    async (step: typeof api.undo) => {
      tell({ type: "moving" });
      try {
        tell({ type: "moved", dish: await step(id, version) });
      } catch (error) {
        tell(happeningOf(error));
      }
    },
    [id, version],
  );

  return {
    desk,
    edit: (change) => tell({ type: "edited", brief: { ...desk.brief, ...change } }),
    undo: () => move(api.undo),
    redo: () => move(api.redo),
    takeTheirs: () => tell({ type: "took-theirs" }),
    keepMine: () => tell({ type: "keeps-mine" }),
  };
}
