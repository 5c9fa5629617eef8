import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api } from "../../api";

/** The ticks of a meal's shopping: what the server keeps, and over it what was touched here and is not answered yet. */
export function useTicks(meal: string) {
  const queries = useQueryClient();
  const key = ["ticks", meal];
  const kept = useQuery({ queryKey: key, queryFn: () => api.ticks(meal) });
  const [touched, setTouched] = useState<Record<string, boolean>>({});
  const put = useMutation({
    mutationFn: ({ item, on }: { item: string; on: boolean }) => api.tick(meal, item, on),
    onSuccess: async (ticked) => {
      // An answer that was asked for before this tick must not wipe it off.
      await queries.cancelQueries({ queryKey: key });
      queries.setQueryData(key, ticked);
    },
    scope: { id: `ticks ${meal}` },
  });
  const answered = !put.isPending;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is kept takes over when it comes, not before.
  useEffect(() => {
    if (answered) setTouched({});
  }, [answered, kept.dataUpdatedAt]);
  const ticked = new Set(kept.data ?? []);
  for (const [item, on] of Object.entries(touched)) {
    if (on) ticked.add(item);
    else ticked.delete(item);
  }
  return {
    ticked,
    error: kept.error ?? put.error,
    tick: (item: string, on: boolean) => {
      setTouched((before) => ({ ...before, [item]: on }));
      put.mutate({ item, on });
    },
  };
}
