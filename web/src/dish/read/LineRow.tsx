import { useQuery } from "@tanstack/react-query";
import { useId, useMemo, useState } from "react";
import { api, type LarderItem, type Line, type LineInBrief, type Part } from "../../api";
import { told } from "../../messages";
import { asOption, Button, grams, PART_WORDS, percent } from "../../ui";
import { Combobox } from "../../ui/Combobox";
import { NearestFoods } from "../NearestFoods";

interface Props {
  line: Line;
  open: boolean;
  larder: readonly LarderItem[];
  onOpen: () => void;
  onCorrect: (line: LineInBrief) => void;
}

export function LineRow({ line, open, larder, onOpen, onCorrect }: Props) {
  return (
    <div className={`border-b border-line py-2 ${line.doubt ? "-mx-2 rounded bg-warm-soft px-2" : ""}`}>
      <div className="grid gap-x-4 gap-y-1 sm:grid-cols-2">
        <p className="text-faded">{line.text}</p>
        <div className="flex items-start justify-between gap-2">
          <div>
            <p>
              <strong className="font-semibold">{line.ingredientName ?? told("web.dish.not-known")}</strong>
              {line.grams
                ? ` · ${range(line.grams)}`
                : line.amount
                  ? told("web.dish.weight-unknown")
                  : told("web.dish.no-amount")}
              {line.preparation ? ` · ${line.preparation}` : ""}
            </p>
            <p className="text-sm text-faded">
              {line.shares.length > 1
                ? line.shares.map((s) => `${percent(s.share)} ${s.words}`).join(", ")
                : PART_WORDS[line.part]}
              {line.remembered && (
                <span className="font-semibold text-rim"> {told("web.dish.as-you-corrected-it-before")}</span>
              )}
              {line.doubt && <span className="font-semibold text-warm"> · {line.doubt}</span>}
            </p>
          </div>
          <Button
            look="quiet"
            className="no-print -my-1 min-h-9 text-sm"
            aria-expanded={open}
            aria-label={told("web.dish.correct", line.text)}
            onClick={onOpen}
          >
            {told("web.dish.correct-button")}
          </Button>
        </div>
      </div>
      {!line.ingredientName && <Unknown line={line} onCorrect={onCorrect} />}
      {open && <Correction line={line} larder={larder} onCorrect={onCorrect} />}
    </div>
  );
}

function Unknown({ line, onCorrect }: Pick<Props, "line" | "onCorrect">) {
  const near = useQuery({
    queryKey: ["near", line.text],
    queryFn: () => api.near(line.text),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <NearestFoods
      text={line.text}
      nearest={near.data ?? []}
      onIs={(ingredient) => onCorrect({ text: line.text, heading: line.heading, ingredient })}
    />
  );
}

function range(amount: { min: number; max: number }): string {
  return amount.min === amount.max ? grams(amount.min) : told("web.ui.to", grams(amount.min), grams(amount.max));
}

function Correction({ line, larder, onCorrect }: Pick<Props, "line" | "larder" | "onCorrect">) {
  const options = useMemo(() => larder.map(asOption), [larder]);
  const id = useId();
  const field = { line: `${id}-line`, hint: `${id}-hint` };
  const [text, setText] = useState(line.text);
  const [name, setName] = useState(line.ingredientName ?? "");
  const [part, setPart] = useState<Part>(line.part);
  const chosen = larder.find((i) => i.name.toLowerCase() === name.trim().toLowerCase());
  const renamed = name.trim() !== "" && name !== line.ingredientName;
  // Said once more of a line with a stranger in it, the name settles that the line is only this.
  const settles = line.unknown?.length > 0 && text === line.text;
  return (
    <form
      className="mt-2 grid gap-3 rounded-lg bg-enamel p-3 sm:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (renamed && !chosen) return;
        onCorrect({
          text,
          heading: line.heading,
          ingredient: renamed || settles ? chosen?.id : undefined,
          part: part === line.part ? undefined : part,
        });
      }}
    >
      <div className="flex flex-col gap-1 text-sm sm:col-span-2">
        <label htmlFor={field.line} className="font-medium">
          {told("web.dish.line")}
        </label>
        <textarea
          id={field.line}
          className="w-full rounded-lg border-2 border-line bg-sheet px-2.5 py-1.5"
          rows={Math.max(2, text.split("\n").length)}
          value={text}
          aria-describedby={field.hint}
          onChange={(e) => setText(e.target.value)}
        />
        <p id={field.hint} className="text-faded">
          {told("web.dish.one-thing-a-line-press-enter")}
        </p>
      </div>
      <Combobox
        label={told("web.dish.ingredient")}
        options={options}
        value={name}
        onValue={setName}
        wrong={renamed && !chosen ? told("web.ui.choose-one-from-the-list") : null}
      />
      <label className="flex flex-col gap-1 text-sm font-medium">
        {told("web.dish.part-of-the-dish")}
        <select
          className="h-10 w-full rounded-lg border-2 border-line bg-sheet px-2.5"
          value={part}
          onChange={(e) => setPart(e.target.value as Part)}
        >
          {Object.entries(PART_WORDS).map(([value, word]) => (
            <option key={value} value={value}>
              {word}
            </option>
          ))}
        </select>
      </label>
      <div className="sm:col-span-2">
        <Button type="submit" look="main">
          {told("web.dish.use-this")}
        </Button>
      </div>
    </form>
  );
}
