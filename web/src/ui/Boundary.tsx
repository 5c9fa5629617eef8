import type { ReactNode } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { Button } from "./Button";
import { Notice } from "./Notice";

/** A screen that breaks says so in its own place; the rest of the page, and what was typed, stay. */
export function Boundary({ what, at, children }: { what: string; at: string; children: ReactNode }) {
  return (
    <ErrorBoundary
      resetKeys={[at]}
      fallbackRender={({ resetErrorBoundary }) => (
        <Notice tone="danger" title={`${what} cannot be shown`}>
          <p className="mb-3">Nabe made a mistake here. Your dish is as it was saved; the other pages still work.</p>
          <Button onClick={resetErrorBoundary}>Show it again</Button>
        </Notice>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}
