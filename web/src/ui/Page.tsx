import { type ReactNode, useEffect, useRef } from "react";
import { Link, NavLink } from "react-router";
import { keepsNothing, seenAt, useSignal } from "../kept";
import { told } from "../messages";
import { useFocusOnRoute } from "./focusOnRoute";
import { Notice } from "./Notice";

/** The frame of every screen: the rim with the way home, and the sheet below it. */
export function Page({ title, bar, children }: { title: string; bar?: ReactNode; children: ReactNode }) {
  const main = useRef<HTMLElement>(null);
  useFocusOnRoute(main);
  useEffect(() => {
    document.title = title === "Nabe" ? "Nabe" : `${title} · Nabe`;
  }, [title]);
  return (
    <div className="min-h-screen">
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-3">
        {told("web.ui.skip-to-the-page")}
      </a>
      <header className="no-print border-b-4 border-rim bg-sheet">
        <div className="mx-auto flex max-w-[1320px] flex-wrap items-center gap-x-5 gap-y-2 px-4 py-2.5">
          <Link to="/" className="flex items-center gap-2 rounded py-1 text-lg font-bold text-rim">
            <Mark /> {told("web.ui.nabe")}
          </Link>
          {bar ?? <Rooms />}
        </div>
      </header>
      <main id="main" ref={main} tabIndex={-1} className="mx-auto max-w-[1320px] px-4 py-5 outline-none">
        <Apart />
        {children}
      </main>
    </div>
  );
}

/** What sets this page apart from what the server holds: seen earlier, or not kept here. */
function Apart() {
  const seen = useSignal(seenAt);
  const lost = useSignal(keepsNothing);
  return (
    <>
      {seen !== null && (
        <div className="no-print mb-4">
          <Notice tone="warm" title={told("web.ui.nabe-is-not-answering-title")}>
            {told(
              "web.ui.what-you-see-is-as-of",
              new Date(seen).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit" }),
            )}
          </Notice>
        </div>
      )}
      {lost && (
        <div className="no-print mb-4">
          <Notice tone="danger" title={told("web.ui.this-browser-keeps-nothing-for-nabe")}>
            {told("web.ui.it-is-full-or-told-not")}
          </Notice>
        </div>
      )}
    </>
  );
}

function Rooms() {
  const look = ({ isActive }: { isActive: boolean }) =>
    `rounded px-2 py-1.5 font-semibold ${isActive ? "text-rim underline underline-offset-4" : "text-faded hover:text-ink"}`;
  return (
    <nav aria-label={told("web.ui.rooms")} className="flex gap-2">
      <NavLink to="/" end className={look}>
        {told("web.ui.shelf")}
      </NavLink>
      <NavLink to="/table" className={look}>
        {told("web.ui.table")}
      </NavLink>
      <NavLink to="/larder" className={look}>
        {told("web.ui.larder")}
      </NavLink>
      <NavLink to="/house" className={look}>
        {told("web.ui.house")}
      </NavLink>
    </nav>
  );
}

function Mark() {
  return (
    <svg viewBox="0 0 26 18" width="30" height="21" aria-hidden="true">
      <path
        d="M1 2h24l-1.6 12a3 3 0 0 1-3 2.6H5.600a3 3 0 0 1-3-2.600z"
        fill="none"
        stroke="currentColor"
        strokeWidth="2"
      />
      <path
        d="M4 6.500h18M4.500 10h17M5 13.300h16"
        stroke="currentColor"
        strokeWidth="1.600"
        strokeDasharray="3 1.200"
      />
    </svg>
  );
}
