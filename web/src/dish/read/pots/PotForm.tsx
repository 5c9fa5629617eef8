import { useState } from "react";
import type { Correction, Procedure, Recipe, Vessel } from "../../../api";
import { told } from "../../../messages";
import { Button, NumberField, SelectField, TextField } from "../../../ui";

interface Props {
  pot: Vessel;
  procedure: Procedure;
  recipe: Recipe;
  onCorrect: (correction: Correction) => void;
}

/** Another name for a pot, the number of its layers, and its lines to other pots. */
export function PotForm({ pot, procedure, recipe, onCorrect }: Props) {
  const [name, setName] = useState(pot.name);
  const others = procedure.components.filter((c) => c.id !== pot.id);
  const laid = procedure.layers.filter((l) => l.of === pot.id);
  const lines = pot.of.flatMap((o) => (o.line == null ? [] : [o.line]));
  return (
    <div className="mt-2 grid gap-3 rounded-lg bg-enamel p-3">
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (name.trim() && name !== pot.name)
            onCorrect({ kind: "rename", component: pot.key, name: name.trim().slice(0, 60) });
        }}
      >
        <div className="min-w-48 grow">
          <TextField label={told("web.dish.name-of-this-pot")} value={name} onValue={setName} />
        </div>
        <Button type="submit">{told("web.dish.use-this-name")}</Button>
      </form>
      {laid.length > 0 && laid.every((l) => !l.inside) && (
        <NumberField
          label={told("web.dish.in-how-many-layers-it-lies")}
          min={1}
          max={12}
          value={laid.length}
          onValue={(value) =>
            value !== null &&
            value !== laid.length &&
            onCorrect({ kind: "count", component: pot.key, layers: Math.round(value) })
          }
        />
      )}
      {others.length > 0 &&
        lines.map((line) => (
          <SelectField
            key={line}
            label={recipe.lines[line]?.text ?? ""}
            value=""
            options={[
              { value: "", label: told("web.dish.stays-here") },
              ...others.map((c) => ({ value: c.key, label: told("web.dish.goes-into", c.name) })),
            ]}
            onValue={(key) => {
              const text = recipe.lines[line]?.text;
              if (key && text) onCorrect({ kind: "move", line: text, component: key });
            }}
          />
        ))}
    </div>
  );
}
