/** Something to choose. {@code also} other names it goes by. */
export interface Option {
  id: string;
  name: string;
  also: readonly string[];
}

const MOST = 12;
const MOST_OTHER_NAMES = 3;

/** A thing of the larder, to be chosen. */
export function asOption(item: { id: string; name: string; aliases: readonly string[] }): Option {
  return { id: item.id, name: item.name, also: item.aliases.slice(0, MOST_OTHER_NAMES) };
}

const plain = (words: string) => words.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase().trim();

/** How near what is typed is to a name: 0 the name itself, 1 its beginning, 2 a word's beginning, 3 within; null not at all. */
function nearness(name: string, typed: string): number | null {
  const at = name.indexOf(typed);
  if (at < 0) return null;
  if (name === typed) return 0;
  if (at === 0) return 1;
  return /[\s-]/.test(name[at - 1]) ? 2 : 3;
}

/** The nearest of all to what is typed, by their names before their other names; all of them in order while nothing is typed. */
export function matching(options: readonly Option[], typed: string): readonly Option[] {
  const words = plain(typed);
  if (words === "") return options.slice(0, MOST);
  return options
    .map((option) => {
      const own = nearness(plain(option.name), words);
      const other = option.also.map((a) => nearness(plain(a), words)).filter((n) => n !== null);
      const near = own ?? (other.length > 0 ? 4 + Math.min(...other) : null);
      return { option, near };
    })
    .filter((found): found is { option: Option; near: number } => found.near !== null)
    .sort((a, b) => a.near - b.near || a.option.name.localeCompare(b.option.name))
    .slice(0, MOST)
    .map((found) => found.option);
}
