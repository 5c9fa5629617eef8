import type { ReactNode } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { told } from "../messages";
import { Button } from "./Button";
import { Notice } from "./Notice";

/** A screen that breaks says so in its own place; the rest of the page, and what was typed, stay. */
export function Boundary({ what, at, children }: { what: string; at: string; children: ReactNode }) {
  return (
    <ErrorBoundary
      resetKeys={[at]}
      fallbackRender={({ resetErrorBoundary }) => (
        <Notice tone="danger" title={told("web.ui.cannot-be-shown", what)}>
          <p className="mb-3">{told("web.ui.nabe-made-a-mistake-here-your")}</p>
          <Button onClick={resetErrorBoundary}>{told("web.ui.show-it-again")}</Button>
        </Notice>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}
