import { afterEach } from "vitest";
import english from "../../../core/src/main/resources/messages/en.properties";
import { speak } from "../messages";

speak(english);

// Only the tests of what is drawn ask for a document, by their first line.
if (typeof document !== "undefined") {
  const { cleanup, configure } = await import("@testing-library/react");
  // What is loaded when it is first drawn takes its time on a busy machine.
  configure({ asyncUtilTimeout: 10_000 });
  // What jsdom lacks of a browser and the widgets ask for.
  Element.prototype.hasPointerCapture ??= () => false;
  Element.prototype.scrollIntoView ??= () => undefined;
  Blob.prototype.text ??= function (this: Blob) {
    return new Promise((done) => {
      const reader = new FileReader();
      reader.onload = () => done(String(reader.result));
      reader.readAsText(this);
    });
  };
  globalThis.ResizeObserver ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  afterEach(cleanup);
}
