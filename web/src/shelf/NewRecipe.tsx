import { useMutation } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { api, type Brief } from "../api";
import { keep, kept } from "../kept";
import { told } from "../messages";
import { Button, NEEDS, Notice, needWord, Page, PickAny, PickOne, sentence } from "../ui";

const DRAFT = "nabe.draft";

export function NewRecipe() {
  const [text, setText] = useState(() => kept(DRAFT) ?? "");
  const [needs, setNeeds] = useState<string[]>([]);
  const [strict, setStrict] = useState(false);
  const go = useNavigate();
  useEffect(() => {
    keep(DRAFT, text || null);
  }, [text]);
  const read = useMutation({
    mutationFn: (brief: Brief) => api.create(brief),
    onSuccess: (dish) => {
      keep(DRAFT, null);
      void go(`/dishes/${dish.id}/read`);
    },
  });
  const takeFile = async (file: File | undefined) => {
    if (file) setText(await file.text());
  };
  const drop = (e: React.DragEvent) => {
    const file = e.dataTransfer.files[0];
    if (!file) return;
    e.preventDefault();
    void takeFile(file);
  };
  return (
    <Page title={told("web.ui.read-a-recipe")}>
      <form
        className="grid gap-5 lg:grid-cols-[1fr_22rem]"
        onSubmit={(e) => {
          e.preventDefault();
          read.mutate({ recipe: { text }, needs, strict });
        }}
      >
        <div className="flex flex-col gap-2">
          <h1 className="text-2xl font-bold">{told("web.ui.read-a-recipe")}</h1>
          <label htmlFor="recipe" className="text-faded">
            {told("web.ui.paste-it-as-it-is-title")}
          </label>
          <textarea
            id="recipe"
            value={text}
            onChange={(e) => setText(e.target.value)}
            onDrop={drop}
            rows={22}
            spellCheck={false}
            placeholder={told("web.ui.spinach-lasagna-serves-lasagna-sheets-500")}
            className="min-h-72 w-full rounded-xl border-2 border-line bg-sheet p-3 leading-relaxed placeholder:text-faded"
          />
        </div>
        <div className="flex flex-col gap-4 lg:pt-11">
          <fieldset className="flex flex-col gap-2">
            <legend className="mb-1 font-bold">{told("web.ui.who-must-it-be-safe-for")}</legend>
            <PickAny
              label={told("web.ui.needs")}
              value={needs}
              onPick={setNeeds}
              options={NEEDS.map((n) => ({ value: n, label: sentence(needWord(n)) }))}
            />
          </fieldset>
          <fieldset className="flex flex-col gap-2">
            <legend className="mb-1 font-bold">{told("web.ui.how-strict-question")}</legend>
            <PickOne
              label={told("web.ui.how-strict")}
              value={strict ? "strict" : "ingredient"}
              onPick={(v) => setStrict(v === "strict")}
              options={[
                { value: "ingredient", label: told("web.ui.by-ingredient") },
                { value: "strict", label: told("web.ui.strict-traces-matter") },
              ]}
            />
            <p className="text-sm text-faded">{told("web.ui.strict-is-for-coeliac-disease-and")}</p>
          </fieldset>
          {read.error && (
            <Notice tone="danger" title={told("web.ui.not-read-yet-your-text-is")}>
              {read.error.message}
            </Notice>
          )}
          <label className="text-sm text-faded">
            {told("web.ui.or-choose-a-saved-page-html")}
            <input
              type="file"
              accept=".html,.htm,.json,.jsonld,.md,.txt"
              className="mt-1 block w-full text-ink file:mr-3 file:rounded-lg file:border-2 file:border-rim file:bg-sheet file:px-3 file:py-1.5 file:font-semibold file:text-rim"
              onChange={(e) => void takeFile(e.target.files?.[0])}
            />
          </label>
          <Button type="submit" look="main" disabled={read.isPending} className="min-h-12 justify-center text-lg">
            {read.isPending ? told("web.ui.reading") : told("web.ui.read-this-recipe")}
          </Button>
        </div>
      </form>
    </Page>
  );
}
