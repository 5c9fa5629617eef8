import { useMutation } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { api, type Brief } from "../api";
import { keep, kept } from "../kept";
import { Button, NEEDS, Notice, Page, PickAny, PickOne, sentence } from "../ui";

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
    <Page title="Read a recipe">
      <form
        className="grid gap-5 lg:grid-cols-[1fr_22rem]"
        onSubmit={(e) => {
          e.preventDefault();
          read.mutate({ recipe: { text }, needs, strict });
        }}
      >
        <div className="flex flex-col gap-2">
          <h1 className="text-2xl font-bold">Read a recipe</h1>
          <label htmlFor="recipe" className="text-faded">
            Paste it as it is: title, servings, ingredients, method. Any units, any headings. Or drop a saved page or
            file here.
          </label>
          <textarea
            id="recipe"
            value={text}
            onChange={(e) => setText(e.target.value)}
            onDrop={drop}
            rows={22}
            spellCheck={false}
            placeholder={"Spinach lasagna\nServes 6\n\n9 lasagna sheets\n500 g spinach\n…"}
            className="min-h-72 w-full rounded-xl border-2 border-line bg-sheet p-3 leading-relaxed placeholder:text-faded"
          />
        </div>
        <div className="flex flex-col gap-4 lg:pt-11">
          <fieldset className="flex flex-col gap-2">
            <legend className="mb-1 font-bold">Who must it be safe for?</legend>
            <PickAny
              label="Needs"
              value={needs}
              onPick={setNeeds}
              options={NEEDS.map((n) => ({ value: n, label: sentence(n) }))}
            />
          </fieldset>
          <fieldset className="flex flex-col gap-2">
            <legend className="mb-1 font-bold">How strict?</legend>
            <PickOne
              label="How strict"
              value={strict ? "strict" : "ingredient"}
              onPick={(v) => setStrict(v === "strict")}
              options={[
                { value: "ingredient", label: "By ingredient" },
                { value: "strict", label: "Strict: traces matter" },
              ]}
            />
            <p className="text-sm text-faded">
              Strict is for coeliac disease and allergies. You can change all of this later.
            </p>
          </fieldset>
          {read.error && (
            <Notice tone="danger" title="Not read yet: your text is kept here">
              {read.error.message}
            </Notice>
          )}
          <label className="text-sm text-faded">
            Or choose a saved page (.html), JSON-LD, Markdown or text file
            <input
              type="file"
              accept=".html,.htm,.json,.jsonld,.md,.txt"
              className="mt-1 block w-full text-ink file:mr-3 file:rounded-lg file:border-2 file:border-rim file:bg-sheet file:px-3 file:py-1.5 file:font-semibold file:text-rim"
              onChange={(e) => void takeFile(e.target.files?.[0])}
            />
          </label>
          <Button type="submit" look="main" disabled={read.isPending} className="min-h-12 justify-center text-lg">
            {read.isPending ? "Reading…" : "Read this recipe"}
          </Button>
        </div>
      </form>
    </Page>
  );
}
