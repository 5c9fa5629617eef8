import { registerSW } from "virtual:pwa-register";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { learn } from "./messages";
import "./index.css";

// What is said at the top of a module is said when it is read: the words come first.
const root = document.getElementById("root");
learn("ui")
  .then(() => import("./App"))
  .then(({ App }) => {
    if (!root) return;
    createRoot(root).render(
      <StrictMode>
        <App />
      </StrictMode>,
    );
  })
  .catch(() => {
    if (root) root.textContent = root.dataset.silent ?? "";
  });
registerSW({ immediate: true });
