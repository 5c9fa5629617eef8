import { useState } from "react";
import type { Person } from "../api";
import { allergenWord, Button, Card } from "../ui";
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
    <Card title="People" aside={people.length ? `${people.length} at the table` : undefined}>
      {people.length === 0 && (
        <p className="mb-2 text-faded">
          Say who eats here and what each cannot have. Every dish can then be judged for the people at the table.
        </p>
      )}
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
                  aria-label={`Change ${p.name}`}
                  onClick={() => setOpen(open === p.id ? null : (p.id ?? null))}
                >
                  Change
                </Button>
                <Button
                  look="quiet"
                  className="min-h-9 text-sm"
                  aria-label={`Remove ${p.name}`}
                  onClick={() => onPeople(people.filter((q) => q.id !== p.id))}
                >
                  Remove
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
          <Button onClick={() => setOpen("new")}>Add a person</Button>
        </div>
      )}
    </Card>
  );
}

function about(person: Person): string {
  const all = [...(person.needs ?? []), ...(person.avoid ?? []).map((a) => `no ${allergenWord(a)}`)];
  if (all.length === 0) return "eats everything";
  const oats = person.needs?.includes("gluten-free")
    ? person.certifiedOats
      ? "; certified oats are fine"
      : "; no oats at all"
    : "";
  return `${all.join(", ")}; ${person.strict ? "strict, traces matter" : "by ingredient"}${oats}`;
}
