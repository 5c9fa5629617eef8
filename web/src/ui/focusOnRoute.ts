import { useEffect } from "react";
import { useLocation } from "react-router";

let opened: string | null = null;
let moved = false;

/**
 * A new page begins at its top, and the keyboard and the screen reader with it. Where the page comes in pieces, each takes the focus on as
 * long as nobody has put it elsewhere; the page that is opened first is left as the browser opens it.
 */
export function useFocusOnRoute(main: React.RefObject<HTMLElement | null>): void {
  const { pathname } = useLocation();
  useEffect(() => {
    const next = opened !== null && opened !== pathname;
    moved ||= next;
    opened = pathname;
    if (next) window.scrollTo(0, 0);
    const free = document.activeElement === null || document.activeElement === document.body;
    if (next || (moved && free)) main.current?.focus({ preventScroll: true });
  }, [pathname, main]);
}
