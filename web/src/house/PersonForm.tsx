import { useState } from "react";
import type { Person } from "../api";
import { ALLERGENS, allergenWord, Button, NEEDS, PickAny, PickOne, sentence, TextField } from "../ui";

export function PersonForm({ person, onKeep }: { person: Person; onKeep: (person: Person) => void }) {
  const [draft, setDraft] = useState(person);
  const set = (part: Partial<Person>) => setDraft({ ...draft, ...part });
  const nameless = !draft.name?.trim();
  const glutenFree = draft.needs?.includes("gluten-free") ?? false;
  return (
    <form
      className="mt-2 flex flex-col gap-3 rounded-lg bg-enamel p-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (!nameless) onKeep({ ...draft, name: draft.name?.trim() });
      }}
    >
      <TextField label="Name" value={draft.name ?? ""} onValue={(name) => set({ name })} />
      <PickAny
        label="Needs of this person"
        value={draft.needs ?? []}
        onPick={(needs) => set({ needs })}
        options={NEEDS.map((n) => ({ value: n as string, label: sentence(n) }))}
      />
      <PickOne
        label="How strict for this person"
        value={draft.strict ? "strict" : "ingredient"}
        onPick={(v) => set({ strict: v === "strict" })}
        options={[
          { value: "ingredient", label: "By ingredient" },
          { value: "strict", label: "Strict: traces matter" },
        ]}
      />
      {glutenFree && (
        <PickOne
          label="Certified gluten-free oats"
          value={draft.certifiedOats ? "fine" : "never"}
          onPick={(v) => set({ certifiedOats: v === "fine" })}
          options={[
            { value: "never", label: "No oats at all" },
            { value: "fine", label: "Certified oats are fine" },
          ]}
        />
      )}
      <details>
        <summary className="cursor-pointer font-semibold text-rim">
          Single allergens{draft.avoid?.length ? `: ${draft.avoid.map(allergenWord).join(", ")}` : ""}
        </summary>
        <div className="mt-2">
          <PickAny
            label="Single allergens of this person"
            value={draft.avoid ?? []}
            onPick={(avoid) => set({ avoid })}
            options={ALLERGENS.map((a) => ({ value: a as string, label: sentence(allergenWord(a)) }))}
          />
        </div>
      </details>
      {glutenFree && (
        <p className="text-sm text-faded">Whether oats are tolerated is for their doctor or dietitian to say.</p>
      )}
      <div>
        <Button type="submit" look="main" disabled={nameless}>
          Keep this person
        </Button>
      </div>
    </form>
  );
}
