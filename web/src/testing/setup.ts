import { cleanup } from "@testing-library/react";
import { afterEach } from "vitest";

// What jsdom lacks of a browser and the widgets ask for.
Element.prototype.hasPointerCapture ??= () => false;
Element.prototype.scrollIntoView ??= () => undefined;
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};

afterEach(cleanup);
