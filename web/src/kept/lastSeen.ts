import { createStore, get, set, type UseStore } from "idb-keyval";
import { Away } from "../api";
import { signal } from "./signal";

interface Seen<T> {
  at: number;
  of: string;
  answer: T;
}

/** When what is on screen was last told by the server, while it cannot be reached; null while it answers. */
export const seenAt = signal<number | null>(null);

let place: UseStore | undefined;
const store = () => {
  place ??= createStore("nabe", "last-seen");
  return place;
};

/**
 * Asks, and where nobody answers gives what was answered last to the same question.
 *
 * @param slot where the answer is kept, the last one only; {@code of} the question
 */
export async function orLast<T>(slot: string, of: string, ask: () => Promise<T>): Promise<T> {
  try {
    const answer = await ask();
    seenAt.set(null);
    void set(slot, { at: Date.now(), of, answer } satisfies Seen<T>, store()).catch(() => undefined);
    return answer;
  } catch (error) {
    const seen = error instanceof Away && !error.database ? await last<T>(slot) : undefined;
    if (!seen || seen.of !== of) throw error;
    seenAt.set(seen.at);
    return seen.answer;
  }
}

async function last<T>(slot: string): Promise<Seen<T> | undefined> {
  try {
    return await get<Seen<T>>(slot, store());
  } catch {
    return undefined;
  }
}
