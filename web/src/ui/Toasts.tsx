import { createContext, lazy, type ReactNode, Suspense, useCallback, useContext, useState } from "react";

/** @param undo the way back, where there is one */
export interface Said {
  words: string;
  undo?: { label: string; says: string; act: () => void };
}

const Say = createContext<(said: Said) => void>(() => undefined);
const Toast = lazy(() => import("./Toast").then((m) => ({ default: m.OneToast })));

/** Says what was just done, with a way back. */
export function useToast() {
  return useContext(Say);
}

export function Toasts({ children }: { children: ReactNode }) {
  const [said, setSaid] = useState<Said | null>(null);
  const say = useCallback((next: Said) => setSaid(next), []);
  return (
    <Say.Provider value={say}>
      {children}
      {said && (
        <Suspense>
          <Toast key={said.words} said={said} onGone={() => setSaid((now) => (now === said ? null : now))} />
        </Suspense>
      )}
    </Say.Provider>
  );
}
