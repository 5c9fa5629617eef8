import { afterEach } from "vitest";

// Only the tests of what is drawn ask for a document, by their first line.
if (typeof document !== "undefined") {
  const { cleanup } = await import("@testing-library/react");
  // What jsdom lacks of a browser and the widgets ask for.
  Element.prototype.hasPointerCapture ??= () => false;
  Element.prototype.scrollIntoView ??= () => undefined;
  globalThis.ResizeObserver ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  afterEach(cleanup);
}
