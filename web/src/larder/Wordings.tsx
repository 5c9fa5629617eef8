import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type Wording } from "../api";
import { rich, told } from "../messages";
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
        words: told("web.larder.is-forgotten", wording.words),
        undo: {
          label: told("web.larder.remember-it"),
          says: told("web.larder.remember-the-words-again"),
          act: () => remember.mutate(wording),
        },
      }),
    onSettled: again,
  });
  const error = wordings.error ?? forget.error ?? remember.error;
  return (
    <Card
      title={told("web.larder.remembered-words")}
      aside={wordings.data ? told("web.larder.remembered", wordings.data.length) : undefined}
    >
      <p className="mb-2 max-w-prose text-faded">{told("web.larder.when-you-correct-what-a-line")}</p>
      {error && <p className="text-warm">{error.message}</p>}
      <ul className="divide-y divide-line">
        {(wordings.data ?? []).map((w) => (
          <li key={w.words} className="flex flex-wrap items-center justify-between gap-2 py-1.5">
            <p>
              {rich(
                "web.larder.means",
                { a: (words) => <strong className="font-semibold">{words}</strong> },
                w.words,
                w.ingredientName,
              )}
            </p>
            <Button
              look="quiet"
              className="min-h-9 text-sm"
              aria-label={told("web.larder.forget", w.words)}
              onClick={() => forget.mutate(w)}
            >
              {told("web.larder.forget-button")}
            </Button>
          </li>
        ))}
      </ul>
      {wordings.data?.length === 0 && <p>{told("web.larder.nothing-yet")}</p>}
    </Card>
  );
}
