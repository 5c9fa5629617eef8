import { readFileSync } from "node:fs";
import compile from "icu-minify/compile";
import type { Plugin } from "vite";

const ENGLISH = "../core/src/main/resources/messages/en.properties";
const ROOMS = /^(?:web|recipe)\./;
const CODE = /(?<=\b(?:told|rich)\(\s*)"(web\.[a-z0-9.-]+)"/g;

/** The bundle of sentences as the pages need it: patterns parsed when the client is built, codes of the pages cut to numbers there. */
export function messages(): Plugin {
  const english = read(readFileSync(ENGLISH, "utf8"));
  const numbers = new Map([...english.keys()].map((code, i) => [code, i.toString(36)]));
  let cut = false;
  return {
    name: "nabe-messages",
    enforce: "pre",
    configResolved(config) {
      cut = config.command === "build";
    },
    transform(source, id) {
      const [file, room] = id.split("?");
      if (file.endsWith(".properties")) return plain(`export default ${JSON.stringify(compiled(read(source), room))};`);
      return cut && /\/src\/.*\.tsx?$/.test(id) ? plain(source.replace(CODE, (_, code) => `"${key(code)}"`)) : null;
    },
  };

  function key(code: string): string {
    const number = numbers.get(code);
    if (number === undefined) throw new Error(`The message (${code}) is missing in en.properties.`);
    return cut && code.startsWith("web.") ? number : code;
  }

  /** One room of the pages, or all; what a language lacks is told in English. */
  function compiled(own: Map<string, string>, room = ""): Record<string, unknown> {
    const wanted = [...english].filter(([code]) => isIn(code, room));
    return Object.fromEntries(wanted.map(([code, words]) => [key(code), compile(own.get(code) ?? words)]));
  }
}

/** The words of the recipe, kinds and parts, are in the room that every page has. */
function isIn(code: string, room: string): boolean {
  return room === "" || code.startsWith(`web.${room}.`) || (room === "ui" && code.startsWith("recipe."));
}

function plain(code: string) {
  return { code, map: null };
}

function read(properties: string): Map<string, string> {
  const lines = properties.split("\n").filter((line) => ROOMS.test(line));
  return new Map(lines.map((line) => [line.slice(0, line.indexOf("=")), unescaped(line.slice(line.indexOf("=") + 1))]));
}

function unescaped(value: string): string {
  return value.replace(/\\(.)/g, (_, letter: string) => (letter === "n" ? "\n" : letter));
}
