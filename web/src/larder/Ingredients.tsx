import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type LarderItem } from "../api";
import { told } from "../messages";
import { allergenWord, Card } from "../ui";

const SHOWN = 40;
const PROPERTIES: Record<string, (range: string) => string> = {
  absorption: (range) => told("web.larder.drinks-water-for-100", range),
  swelling: (range) => told("web.larder.swells-by", range),
  release: (range) => told("web.larder.gives-off-water-from-100", range),
  set: (range) => told("web.larder.set-as-an-egg-does", range),
  browning: (range) => told("web.larder.browns-of-1", range),
  melt: (range) => told("web.larder.melts-of-1", range),
  stretch: (range) => told("web.larder.stretches-of-1", range),
};

export function Ingredients() {
  const larder = useQuery({ queryKey: ["larder"], queryFn: api.larder, staleTime: Infinity });
  const [words, setWords] = useState("");
  const found = (larder.data ?? []).filter((i) => matches(i, words.trim().toLowerCase()));
  return (
    <Card title={told("web.larder.ingredients")} aside={told("web.larder.known", larder.data?.length ?? "…")}>
      <label htmlFor="find" className="text-faded">
        {told("web.larder.find-by-any-of-its-names")}
      </label>
      <input
        id="find"
        type="search"
        value={words}
        onChange={(e) => setWords(e.target.value)}
        className="mt-1 mb-3 h-10 w-full rounded-lg border-2 border-line bg-sheet px-3"
      />
      {larder.error && <p className="text-warm">{larder.error.message}</p>}
      <ul className="divide-y divide-line">
        {found.slice(0, SHOWN).map((i) => (
          <Item key={i.id} item={i} />
        ))}
      </ul>
      {found.length > SHOWN && (
        <p className="mt-2 text-faded">{told("web.larder.and-more-type-a-word-to", found.length - SHOWN)}</p>
      )}
      {larder.data && found.length === 0 && <p>{told("web.larder.nothing-in-the-larder-goes-by")}</p>}
    </Card>
  );
}

function matches(item: LarderItem, words: string): boolean {
  return [item.name, ...item.aliases].some((n) => n.toLowerCase().includes(words));
}

function Item({ item }: { item: LarderItem }) {
  const notes = [
    item.allergens.length ? told("web.larder.contains", item.allergens.map(allergenWord).join(", ")) : "",
    item.maybe.length ? told("web.larder.check-the-label-for", item.maybe.map(allergenWord).join(", ")) : "",
    item.traces.length ? told("web.larder.sometimes-contaminated-with", item.traces.map(allergenWord).join(", ")) : "",
  ].filter(Boolean);
  return (
    <li className="py-2">
      <p>
        <strong className="font-semibold">{item.name}</strong> <span className="text-sm text-faded">{item.origin}</span>
      </p>
      {item.aliases.length > 0 && (
        <p className="text-sm text-faded">{told("web.larder.also", item.aliases.slice(0, 5).join(", "))}</p>
      )}
      {notes.length > 0 && <p className="text-sm text-warm">{notes.join("; ")}</p>}
      {Object.keys(item.properties).length > 0 && (
        <p className="text-sm text-faded">
          {Object.entries(item.properties)
            .map(([name, r]) => PROPERTIES[name]?.(r.high > r.low ? `${r.low}–${r.high}` : `${r.low}`))
            .filter(Boolean)
            .join(" · ")}
        </p>
      )}
      <p className="text-sm text-faded">
        {told(
          "web.larder.100-water-fat-salt-source",
          Math.round(item.water),
          Math.round(item.fat),
          Math.round(item.salt * 10) / 10,
          item.source,
        )}
      </p>
    </li>
  );
}
