import { useSyncExternalStore } from "react";

/** One value for the whole page, told to whoever looks. */
export interface Signal<T> {
  now: () => T;
  set: (value: T) => void;
  on: (told: () => void) => () => void;
}

export function signal<T>(first: T): Signal<T> {
  let value = first;
  const told = new Set<() => void>();
  return {
    now: () => value,
    set: (other) => {
      if (Object.is(value, other)) return;
      value = other;
      for (const tell of told) tell();
    },
    on: (tell) => {
      told.add(tell);
      return () => told.delete(tell);
    },
  };
}

export function useSignal<T>(of: Signal<T>): T {
  return useSyncExternalStore(of.on, of.now);
}
