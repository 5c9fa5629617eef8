import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api } from "../../api";
import { told } from "../../messages";
import { Card, TwoColumns } from "../../ui";
import type { StopProps } from "../stopProps";

const PAUSE = 400;

export function NotesStop({ brief, dishId, version, edit, drawing }: StopProps) {
  const [text, setText] = useState(brief.notes ?? "");
  const [typed, setTyped] = useState(false);
  useEffect(() => {
    if (!typed) setText(brief.notes ?? "");
  }, [brief.notes, typed]);
  useEffect(() => {
    if (!typed) return;
    const timer = setTimeout(() => {
      setTyped(false);
      edit({ notes: text });
    }, PAUSE);
    return () => clearTimeout(timer);
  });
  return (
    <TwoColumns
      drawing={drawing}
      first={
        <>
          <Card title={told("web.dish.notes")}>
            <label htmlFor="notes" className="text-faded">
              {told("web.dish.what-happened-and-what-to-change")}
            </label>
            <textarea
              id="notes"
              rows={7}
              value={text}
              className="mt-2 w-full rounded-lg border-2 border-line bg-sheet p-3"
              onChange={(e) => {
                setText(e.target.value);
                setTyped(true);
              }}
              onBlur={() => {
                if (typed) {
                  setTyped(false);
                  edit({ notes: text });
                }
              }}
            />
          </Card>
          <Card title={told("web.dish.take-the-recipe-with-you")}>
            <p className="flex flex-wrap gap-x-6 gap-y-2">
              <a className="font-semibold text-rim underline" href={`/api/dishes/${dishId}/recipe.md`} download>
                {told("web.dish.recipe-as-markdown")}
              </a>
              <a className="font-semibold text-rim underline" href={`/api/dishes/${dishId}/recipe.jsonld`} download>
                {told("web.dish.recipe-as-json-ld")}
              </a>
            </p>
            <p className="mt-1 text-sm text-faded">{told("web.dish.the-recipe-as-you-saved-it")}</p>
          </Card>
          <History id={dishId} version={version} />
        </>
      }
    />
  );
}

function History({ id, version }: { id: string; version: number }) {
  const revisions = useQuery({ queryKey: ["revisions", id, version], queryFn: () => api.revisions(id) });
  return (
    <Card title={told("web.dish.history")} aside={told("web.dish.nothing-is-ever-overwritten")}>
      {revisions.error && <p className="text-warm">{revisions.error.message}</p>}
      <ol className="divide-y divide-line">
        {revisions.data?.map((r) => (
          <li key={r.number} className="grid grid-cols-[2.5rem_1fr_auto] gap-3 py-1.5">
            <span className="text-right text-faded">{r.number}</span>
            <span>{r.change}</span>
            <time dateTime={r.madeAt} className="text-sm text-faded">
              {new Date(r.madeAt).toLocaleString(undefined, { dateStyle: "medium", timeStyle: "short" })}
            </time>
          </li>
        ))}
      </ol>
    </Card>
  );
}
