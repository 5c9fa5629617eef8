import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type Wording } from "../api";
import { Button, Card, useToast } from "../ui";

/** What wordings mean here, learned from corrections at the Read stop. */
export function Wordings() {
  const queries = useQueryClient();
  const wordings = useQuery({ queryKey: ["wordings"], queryFn: api.wordings });
  const say = useToast();
  const again = () => queries.invalidateQueries({ queryKey: ["wordings"] });
  const remember = useMutation({
    mutationFn: (wording: Wording) => api.remember(wording.words, wording.ingredient),
    onSettled: again,
  });
  const forget = useMutation({
    mutationFn: (wording: Wording) => api.forget(wording.words),
    onSuccess: (_, wording) =>
      say({
        words: `“${wording.words}” is forgotten.`,
        undo: { label: "Remember it", says: "Remember the words again", act: () => remember.mutate(wording) },
      }),
    onSettled: again,
  });
  const error = wordings.error ?? forget.error ?? remember.error;
  return (
    <Card title="Remembered words" aside={wordings.data ? `${wordings.data.length} remembered` : undefined}>
      <p className="mb-2 max-w-prose text-faded">
        When you correct what a line means, Nabe remembers it for those words and reads the next recipe right at once.
      </p>
      {error && <p className="text-warm">{error.message}</p>}
      <ul className="divide-y divide-line">
        {(wordings.data ?? []).map((w) => (
          <li key={w.words} className="flex flex-wrap items-center justify-between gap-2 py-1.5">
            <p>
              “{w.words}” means <strong className="font-semibold">{w.ingredientName}</strong>
            </p>
            <Button
              look="quiet"
              className="min-h-9 text-sm"
              aria-label={`Forget ${w.words}`}
              onClick={() => forget.mutate(w)}
            >
              Forget
            </Button>
          </li>
        ))}
      </ul>
      {wordings.data?.length === 0 && <p>Nothing yet.</p>}
    </Card>
  );
}
