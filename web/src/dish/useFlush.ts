import { type RefObject, useEffect, useRef } from "react";
import { api } from "../api";
import { type Desk, remember } from "./saving";

/** What is on its way to the server from pages that were left. */
const onTheWay = new Map<string, Promise<unknown>>();

/** Waits for what a page that was left still sends, so that a dish is never opened as it was before it. */
export async function afterFlush(id: string): Promise<void> {
  await onTheWay.get(id);
}

function flush(desk: Desk): void {
  const { id, version } = desk.dish;
  const sent = api
    .change(id, version, desk.brief)
    .then(() => remember(id, null))
    .catch(() => undefined)
    .finally(() => onTheWay.delete(id));
  onTheWay.set(id, sent);
}

/** An edit that still waits for its pause is sent when the page is left; should that fail, it is kept in the browser. */
export function useFlush(desk: Desk, sending: RefObject<boolean>): void {
  const latest = useRef(desk);
  latest.current = desk;
  useEffect(
    () => () => {
      if (latest.current.saving.kind === "waiting" && !sending.current) flush(latest.current);
    },
    [sending],
  );
}
