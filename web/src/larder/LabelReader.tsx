import { useMutation } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api } from "../api";
import { keep, kept } from "../kept";
import { told } from "../messages";
import { Button, Card, Notice } from "../ui";
import { PacketForm } from "./PacketForm";
import { Verdicts } from "./Verdicts";

const DRAFT = "nabe.label";

export function LabelReader() {
  const [text, setText] = useState(() => kept(DRAFT) ?? "");
  useEffect(() => {
    keep(DRAFT, text || null);
  }, [text]);
  const [keeping, setKeeping] = useState(false);
  const read = useMutation({ mutationFn: api.label });
  return (
    <Card title={told("web.larder.read-a-packet")}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          read.mutate(text);
        }}
      >
        <label htmlFor="label" className="text-faded">
          {told("web.larder.paste-the-packets-words-the-ingredient")}
        </label>
        <textarea
          id="label"
          rows={6}
          value={text}
          onChange={(e) => setText(e.target.value)}
          spellCheck={false}
          placeholder={told("web.larder.ingredients-water-coconut-oil-modified-starch")}
          className="w-full rounded-lg border-2 border-line bg-sheet p-3 placeholder:text-faded"
        />
        <div>
          <Button type="submit" look="main" disabled={read.isPending}>
            {told("web.larder.read-this-label")}
          </Button>
        </div>
      </form>
      <div className="mt-4" aria-live="polite">
        {read.error && (
          <Notice tone="danger" title={told("web.larder.not-read")}>
            {read.error.message}
          </Notice>
        )}
        {read.data && <Verdicts reading={read.data} />}
        {read.data &&
          (keeping ? (
            <div className="mt-3">
              <PacketForm label={text} onDone={() => setKeeping(false)} />
            </div>
          ) : (
            <div className="mt-3">
              <Button onClick={() => setKeeping(true)}>{told("web.larder.keep-this-packet-for-my-dishes")}</Button>
            </div>
          ))}
      </div>
    </Card>
  );
}
