import { useState } from "react";
import type { Person } from "../api";
import { told } from "../messages";
import { ALLERGENS, allergenWord, Button, NEEDS, needWord, PickAny, PickOne, sentence, TextField } from "../ui";

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
      <TextField label={told("web.house.name")} value={draft.name ?? ""} onValue={(name) => set({ name })} />
      <PickAny
        label={told("web.house.needs-of-this-person")}
        value={draft.needs ?? []}
        onPick={(needs) => set({ needs })}
        options={NEEDS.map((n) => ({ value: n as string, label: sentence(needWord(n)) }))}
      />
      <PickOne
        label={told("web.house.how-strict-for-this-person")}
        value={draft.strict ? "strict" : "ingredient"}
        onPick={(v) => set({ strict: v === "strict" })}
        options={[
          { value: "ingredient", label: told("web.ui.by-ingredient") },
          { value: "strict", label: told("web.ui.strict-traces-matter") },
        ]}
      />
      {glutenFree && (
        <PickOne
          label={told("web.house.certified-gluten-free-oats")}
          value={draft.certifiedOats ? "fine" : "never"}
          onPick={(v) => set({ certifiedOats: v === "fine" })}
          options={[
            { value: "never", label: told("web.house.no-oats-at-all-choice") },
            { value: "fine", label: told("web.house.certified-oats-are-fine-choice") },
          ]}
        />
      )}
      <details>
        <summary className="cursor-pointer font-semibold text-rim">
          {told("web.ui.single-allergens", draft.avoid?.length ? `: ${draft.avoid.map(allergenWord).join(", ")}` : "")}
        </summary>
        <div className="mt-2">
          <PickAny
            label={told("web.house.single-allergens-of-this-person")}
            value={draft.avoid ?? []}
            onPick={(avoid) => set({ avoid })}
            options={ALLERGENS.map((a) => ({ value: a as string, label: sentence(allergenWord(a)) }))}
          />
        </div>
      </details>
      {glutenFree && <p className="text-sm text-faded">{told("web.house.whether-oats-are-tolerated-is-for")}</p>}
      <div>
        <Button type="submit" look="main" disabled={nameless}>
          {told("web.house.keep-this-person")}
        </Button>
      </div>
    </form>
  );
}
