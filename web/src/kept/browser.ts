import { signal } from "./signal";

/** Whether this browser refused to keep something: it is full, or told to keep nothing. */
export const keepsNothing = signal(false);

/** Keeps words under a key in this browser, null to forget them. @returns whether they are kept */
export function keep(key: string, words: string | null): boolean {
  try {
    if (words === null) localStorage.removeItem(key);
    else localStorage.setItem(key, words);
    keepsNothing.set(false);
    return true;
  } catch {
    keepsNothing.set(words !== null || keepsNothing.now());
    return false;
  }
}

export function kept(key: string): string | null {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
}
