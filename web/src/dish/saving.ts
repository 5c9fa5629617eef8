import type { Brief, Dish } from "../api";
import { keep, kept } from "../kept";

/**
 * Where the cook's edits are: saved, waiting to be sent, on the way, being undone or redone, kept here because the server is away, in conflict
 * with another window, or refused with a reason.
 */
export type Saving =
  | { kind: "saved" }
  | { kind: "waiting" }
  | { kind: "sending" }
  | { kind: "moving" }
  | { kind: "away"; why: string }
  | { kind: "conflict"; theirs: Dish }
  | { kind: "refused"; why: string };

export interface Desk {
  /** The dish as the server last told it. */
  dish: Dish;
  /** The brief on screen; equal to the dish's when nothing is unsaved. */
  brief: Brief;
  saving: Saving;
}

export type Happening =
  | { type: "edited"; brief: Brief }
  | { type: "sent" }
  | { type: "kept"; dish: Dish; brief: Brief }
  | { type: "moving" }
  | { type: "moved"; dish: Dish }
  | { type: "away"; why: string }
  | { type: "conflict"; theirs: Dish }
  | { type: "refused"; why: string }
  | { type: "took-theirs" }
  | { type: "keeps-mine" };

export function open(dish: Dish, unsaved: Brief | null): Desk {
  return unsaved
    ? { dish, brief: unsaved, saving: { kind: "waiting" } }
    : { dish, brief: dish.brief, saving: { kind: "saved" } };
}

export function next(desk: Desk, event: Happening): Desk {
  switch (event.type) {
    case "edited":
      return {
        ...desk,
        brief: event.brief,
        saving: desk.saving.kind === "conflict" ? desk.saving : { kind: "waiting" },
      };
    case "sent":
      return { ...desk, saving: { kind: "sending" } };
    case "kept":
      return {
        ...desk,
        dish: event.dish,
        saving: desk.brief === event.brief ? { kind: "saved" } : { kind: "waiting" },
      };
    case "moving":
      return { ...desk, saving: { kind: "moving" } };
    case "moved":
      return open(event.dish, null);
    case "away":
      return { ...desk, saving: { kind: "away", why: event.why } };
    case "conflict":
      return { ...desk, saving: { kind: "conflict", theirs: event.theirs } };
    case "refused":
      return { ...desk, saving: { kind: "refused", why: event.why } };
    case "took-theirs":
      return desk.saving.kind === "conflict" ? open(desk.saving.theirs, null) : desk;
    case "keeps-mine":
      return desk.saving.kind === "conflict"
        ? { ...desk, dish: desk.saving.theirs, saving: { kind: "waiting" } }
        : desk;
  }
}

/** Edits not yet on the server, kept in the browser so that a closed tab loses nothing. */
export interface Unsaved {
  version: number;
  brief: Brief;
}

const key = (id: string) => `nabe.unsaved.${id}`;

export function remember(id: string, unsaved: Unsaved | null): void {
  keep(key(id), unsaved && JSON.stringify(unsaved));
}

/** What was not saved when this dish was left; words nobody can read any more are none. */
export function recall(id: string): Unsaved | null {
  try {
    return JSON.parse(kept(key(id)) ?? "null") as Unsaved | null;
  } catch {
    return null;
  }
}
