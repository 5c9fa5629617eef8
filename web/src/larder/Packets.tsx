import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Product } from "../api";
import { told } from "../messages";
import { Button, Card, minutes, needWord, useToast } from "../ui";
import { PacketForm } from "./PacketForm";
import { Verdicts } from "./Verdicts";

/** Packets that stand in for ingredients in every dish. */
export function Packets() {
  const queries = useQueryClient();
  const [open, setOpen] = useState<string | null>(null);
  const packets = useQuery({ queryKey: ["products"], queryFn: api.products });
  const say = useToast();
  const again = async () => {
    await queries.invalidateQueries({ queryKey: ["products"] });
    await queries.invalidateQueries({ queryKey: ["plan"] });
  };
  const keep = useMutation({ mutationFn: (packet: Product) => api.keepProduct(packet), onSettled: again });
  const discard = useMutation({
    mutationFn: (packet: Product) => api.discardProduct(packet.id),
    onSuccess: (_, packet) =>
      say({
        words: told("web.larder.is-thrown-out", packet.name),
        undo: {
          label: told("web.larder.keep-it"),
          says: told("web.larder.keep-the-packet-after-all"),
          act: () => keep.mutate(packet),
        },
      }),
    onSettled: again,
  });
  const error = packets.error ?? discard.error ?? keep.error;
  return (
    <Card
      title={told("web.larder.kept-packets")}
      aside={packets.data ? told("web.larder.kept", packets.data.length) : undefined}
    >
      <p className="mb-2 max-w-prose text-faded">{told("web.larder.a-packet-you-keep-stands-in")}</p>
      {error && <p className="text-warm">{error.message}</p>}
      <ul className="divide-y divide-line">
        {(packets.data ?? []).map((p) => (
          <li key={p.id} className="py-2.5">
            <div className="flex flex-wrap items-start justify-between gap-2">
              <div className="min-w-0 flex-1 basis-56">
                <p>
                  <strong className="font-semibold">{p.name}</strong>{" "}
                  <span className="text-faded">{told("web.ui.for", p.standsForName)}</span>
                </p>
                <p className="text-sm text-faded">{facts(p)}</p>
                <p className="text-sm">{inShort(p)}</p>
              </div>
              <div className="flex">
                <Button
                  look="quiet"
                  className="min-h-9 text-sm"
                  aria-expanded={open === p.id}
                  aria-label={told("web.ui.change", p.name)}
                  onClick={() => setOpen(open === p.id ? null : p.id)}
                >
                  {told("web.larder.change")}
                </Button>
                <Button
                  look="quiet"
                  className="min-h-9 text-sm"
                  aria-label={told("web.larder.throw-out", p.name)}
                  onClick={() => discard.mutate(p)}
                >
                  {told("web.larder.throw-out-button")}
                </Button>
              </div>
            </div>
            {p.reading && (
              <details className="mt-1">
                <summary className="cursor-pointer text-sm font-semibold text-rim">
                  {told("web.larder.what-its-label-says")}
                </summary>
                <div className="mt-2">
                  <Verdicts reading={p.reading} />
                </div>
              </details>
            )}
            {open === p.id && (
              <div className="mt-2">
                <PacketForm packet={p} onDone={() => setOpen(null)} />
              </div>
            )}
          </li>
        ))}
      </ul>
      {open === "new" ? (
        <PacketForm onDone={() => setOpen(null)} />
      ) : (
        <div className="mt-2">
          <Button onClick={() => setOpen("new")}>{told("web.larder.keep-a-packet")}</Button>
        </div>
      )}
    </Card>
  );
}

function facts(p: Product): string {
  const all = [
    p.minutes ? told("web.larder.cooks-in", minutes(p.minutes)) : "",
    p.thirst ? told("web.larder.100-drinks-water", p.thirst) : "",
    p.sheetGrams ? told("web.larder.one-weighs", p.sheetGrams) : "",
    p.packGrams ? told("web.larder.packet-of", p.packGrams) : "",
  ];
  return all.filter(Boolean).join(" · ") || told("web.larder.no-figures-of-its-own");
}

function inShort(p: Product): string {
  if (!p.reading) return told("web.larder.label-not-typed-the-warnings-of");
  const of = (verdict: string) =>
    Object.entries(p.reading?.verdicts ?? {})
      .filter(([, v]) => v === verdict)
      .map(([need]) => need);
  return ["yes", "check", "no"]
    .map((verdict) => ({ verdict, needs: of(verdict) }))
    .filter(({ needs }) => needs.length)
    .map(({ verdict, needs }) => told("web.larder.fits-check-or-not", verdict, needs.map(needWord).join(", ")))
    .join("; ");
}
