import format, { type CompiledMessage, type FormatOptions } from "icu-minify/format";
import { createElement, Fragment, type ReactNode } from "react";

type Patterns = Record<string, CompiledMessage>;
type Given = string | number | boolean | null | undefined;
type Tag = (words: ReactNode) => ReactNode;

type Files = Record<string, () => Promise<Patterns>>;

const ROOMS = {
  ui: import.meta.glob("../../../core/src/main/resources/messages/*.properties", { import: "default", query: "?ui" }),
  dish: import.meta.glob("../../../core/src/main/resources/messages/*.properties", {
    import: "default",
    query: "?dish",
  }),
  house: import.meta.glob("../../../core/src/main/resources/messages/*.properties", {
    import: "default",
    query: "?house",
  }),
  larder: import.meta.glob("../../../core/src/main/resources/messages/*.properties", {
    import: "default",
    query: "?larder",
  }),
  table: import.meta.glob("../../../core/src/main/resources/messages/*.properties", {
    import: "default",
    query: "?table",
  }),
} as Record<Room, Files>;

export type Room = "ui" | "dish" | "house" | "larder" | "table";

const FORMATTERS: FormatOptions["formatters"] = {
  getDateTimeFormat: (...of) => new Intl.DateTimeFormat(...of),
  getNumberFormat: (...of) => new Intl.NumberFormat(...of),
  getPluralRules: (...of) => new Intl.PluralRules(...of),
};

let language = "en";
let patterns: Patterns = {};

/** Fetches the sentences of a room in the language that the page is in, before the first is told. */
export async function learn(room: Room): Promise<void> {
  language = document.documentElement.lang;
  const file = Object.keys(ROOMS[room]).find((name) => name.includes(`/${language}.properties`));
  if (!file) throw new Error(`There are no messages in this language (${language}).`);
  speak(await ROOMS[room][file]());
}

export function speak(more: Patterns): void {
  patterns = { ...patterns, ...more };
}

/** @param given what is put in, in the order the pattern numbers it; false and nothing are told as nothing */
export function told(code: string, ...given: Given[]): string {
  return String(format(pattern(code), language, numbered(given), { formatters: FORMATTERS }));
}

/** A sentence with marked words: each tag of the pattern is drawn by the function of its name. */
export function rich(code: string, tags: Record<string, Tag>, ...given: Given[]): ReactNode {
  const drawn = Object.entries(tags).map(([name, draw]) => [name, (words: ReactNode[]) => draw(inRow(words))]);
  const values = { ...numbered(given), ...Object.fromEntries(drawn) };
  return inRow(format<ReactNode>(pattern(code), language, values, { formatters: FORMATTERS }));
}

/** Parts of one sentence, which stay where they are. */
function inRow(parts: ReactNode): ReactNode {
  return createElement(Fragment, null, ...(Array.isArray(parts) ? parts : [parts]));
}

function pattern(code: string): CompiledMessage {
  const known = patterns[code];
  if (known === undefined) throw new Error(`The message (${code}) is missing.`);
  return known;
}

function numbered(given: readonly Given[]): Record<string, string | number> {
  return Object.fromEntries(given.map((value, i) => [i, typeof value === "number" ? value : spoken(value)]));
}

function spoken(value: Given): string {
  return value === null || value === undefined || value === false ? "" : String(value);
}
