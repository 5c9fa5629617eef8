import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Product, type ProductInput } from "../api";
import { told } from "../messages";
import { asOption, Button, Notice, NumberField, TextField } from "../ui";
import { Combobox } from "../ui/Combobox";

interface Props {
  packet?: Product;
  label?: string;
  onDone: () => void;
}

/** A packet to keep: what it stands in for, its words, and its own times and thirst. */
export function PacketForm({ packet, label = "", onDone }: Props) {
  const queries = useQueryClient();
  const larder = useQuery({ queryKey: ["larder"], queryFn: api.larder, staleTime: Infinity });
  const [name, setName] = useState(packet?.name ?? "");
  const [stands, setStands] = useState(packet?.standsForName ?? "");
  const [words, setWords] = useState(packet?.label ?? label);
  const [figures, setFigures] = useState<Pick<ProductInput, "minutes" | "thirst" | "sheetGrams" | "packGrams">>({
    minutes: packet?.minutes,
    thirst: packet?.thirst,
    sheetGrams: packet?.sheetGrams,
    packGrams: packet?.packGrams,
  });
  const chosen = larder.data?.find((i) => i.name.toLowerCase() === stands.trim().toLowerCase());
  const keep = useMutation({
    mutationFn: () =>
      api.keepProduct({ name: name.trim(), standsFor: chosen?.id, label: words, ...figures }, packet?.id),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["products"] });
      await queries.invalidateQueries({ queryKey: ["plan"] });
      onDone();
    },
  });
  const figure = (key: keyof typeof figures) => (value: number | null) =>
    setFigures({ ...figures, [key]: value ?? undefined });
  return (
    <form
      className="flex flex-col gap-3 rounded-lg bg-enamel p-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (chosen && name.trim()) keep.mutate();
      }}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label={told("web.larder.what-you-call-it")}
          value={name}
          onValue={setName}
          hint={told("web.larder.such-as-the-blue-packet-of")}
        />
        <Combobox
          label={told("web.larder.stands-in-for")}
          options={(larder.data ?? []).map(asOption)}
          value={stands}
          onValue={setStands}
          hint={told("web.larder.an-ingredient-of-the-larder")}
          wrong={stands && larder.data && !chosen ? told("web.ui.choose-one-from-the-list") : null}
        />
      </div>
      <TextField
        label={told("web.larder.the-packets-words")}
        value={words}
        onValue={setWords}
        lines={4}
        hint={told("web.larder.without-them-the-warnings-of-its")}
      />
      <div className="flex flex-wrap gap-4">
        <NumberField
          label={told("web.larder.cooking-time")}
          unit={told("web.larder.min")}
          optional
          min={1}
          max={180}
          value={figures.minutes ?? null}
          onValue={figure("minutes")}
        />
        <NumberField
          label={told("web.larder.drinks-for-100")}
          unit={told("web.larder.water")}
          optional
          min={0}
          max={400}
          value={figures.thirst ?? null}
          onValue={figure("thirst")}
        />
        <NumberField
          label={told("web.larder.one-sheet-or-piece")}
          unit="g"
          optional
          min={0.5}
          max={1000}
          value={figures.sheetGrams ?? null}
          onValue={figure("sheetGrams")}
        />
        <NumberField
          label={told("web.larder.whole-packet")}
          unit="g"
          optional
          min={1}
          max={20000}
          value={figures.packGrams ?? null}
          onValue={figure("packGrams")}
        />
      </div>
      {keep.error && (
        <Notice tone="danger" title={told("web.larder.not-kept")}>
          {keep.error.message}
        </Notice>
      )}
      <div className="flex gap-2">
        <Button type="submit" look="main" disabled={!chosen || !name.trim() || keep.isPending}>
          {told("web.larder.keep-this-packet")}
        </Button>
        <Button look="quiet" onClick={onDone}>
          {told("web.larder.never-mind")}
        </Button>
      </div>
    </form>
  );
}
