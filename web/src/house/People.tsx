import { useState } from "react";
import type { Person } from "../api";
import { told } from "../messages";
import { allergenWord, Button, Card, needWord } from "../ui";
import { PersonForm } from "./PersonForm";

/** Everybody who eats here, with what each cannot have. */
export function People({ people, onPeople }: { people: readonly Person[]; onPeople: (people: Person[]) => void }) {
  const [open, setOpen] = useState<string | null>(null);
  const keep = (person: Person) => {
    const known = people.some((p) => p.id === person.id);
    onPeople(known ? people.map((p) => (p.id === person.id ? person : p)) : [...people, person]);
    setOpen(null);
  };
  return (
    <Card
      title={told("web.house.people")}
      aside={people.length ? told("web.house.at-the-table", people.length) : undefined}
    >
      {people.length === 0 && <p className="mb-2 text-faded">{told("web.house.say-who-eats-here-and-what")}</p>}
      <ul className="divide-y divide-line">
        {people.map((p) => (
          <li key={p.id} className="py-2">
            <div className="flex flex-wrap items-start justify-between gap-2">
              <div className="min-w-0 flex-1 basis-48">
                <p className="font-semibold">{p.name}</p>
                <p className="text-sm text-faded">{about(p)}</p>
              </div>
              <div className="flex">
                <Button
                  look="quiet"
                  className="min-h-9 text-sm"
                  aria-expanded={open === p.id}
                  aria-label={told("web.ui.change", p.name)}
                  onClick={() => setOpen(open === p.id ? null : (p.id ?? null))}
                >
                  {told("web.house.change")}
                </Button>
                <Button
                  look="quiet"
                  className="min-h-9 text-sm"
                  aria-label={told("web.ui.remove", p.name)}
                  onClick={() => onPeople(people.filter((q) => q.id !== p.id))}
                >
                  {told("web.house.remove")}
                </Button>
              </div>
            </div>
            {open === p.id && <PersonForm person={p} onKeep={keep} />}
          </li>
        ))}
      </ul>
      {open === "new" ? (
        <PersonForm
          person={{ id: crypto.randomUUID(), name: "", needs: [], avoid: [], strict: false, certifiedOats: false }}
          onKeep={keep}
        />
      ) : (
        <div className="mt-2">
          <Button onClick={() => setOpen("new")}>{told("web.house.add-a-person")}</Button>
        </div>
      )}
    </Card>
  );
}

function about(person: Person): string {
  const all = [
    ...(person.needs ?? []).map(needWord),
    ...(person.avoid ?? []).map((a) => told("web.ui.no", allergenWord(a))),
  ];
  if (all.length === 0) return told("web.ui.eats-everything");
  const oats = person.needs?.includes("gluten-free")
    ? person.certifiedOats
      ? told("web.house.certified-oats-are-fine")
      : told("web.house.no-oats-at-all")
    : "";
  return told("web.house.strict-traces-matter", all.join(", "), Boolean(person.strict), oats);
}
