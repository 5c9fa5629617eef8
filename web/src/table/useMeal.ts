import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Away, api, type KeptMeal, type MealBrief, type MealPlan } from "../api";
import { useLastGood } from "../kept";

/** A meal as kept, and a way to change part of it. A change shows at once and is taken back when it is refused. */
export function useMeal(id: string) {
  const queries = useQueryClient();
  const key = ["meal", id];
  const kept = useQuery({
    queryKey: key,
    queryFn: () => api.meal(id),
    refetchInterval: (q) => (q.state.error instanceof Away ? 2_000 : false),
  });
  const save = useMutation({
    mutationFn: (meal: MealBrief) => api.changeMeal(id, queries.getQueryData<KeptMeal>(key)?.version ?? 0, meal),
    onMutate: (meal) => {
      const before = queries.getQueryData<KeptMeal>(key);
      if (before) queries.setQueryData<KeptMeal>(key, { ...before, meal });
      return before;
    },
    onError: (_error, _meal, before) => {
      if (before) queries.setQueryData(key, before);
      void queries.invalidateQueries({ queryKey: key, exact: true });
    },
    onSuccess: (now) => queries.setQueryData(key, now),
    scope: { id: `meal ${id}` },
  });
  const undo = useMutation({
    mutationFn: () => api.undoMeal(id, queries.getQueryData<KeptMeal>(key)?.version ?? 0),
    onSuccess: (now) => queries.setQueryData(key, now),
    scope: { id: `meal ${id}` },
  });
  const change = (part: Partial<MealBrief>) => {
    const now = queries.getQueryData<KeptMeal>(key);
    if (now) save.mutate({ ...now.meal, ...part });
  };
  return {
    kept: kept.data,
    missing: kept.error,
    refused: save.error ?? undo.error,
    saving: save.isPending || undo.isPending,
    change,
    undo: () => undo.mutate(),
  };
}

export interface Planning {
  plan: MealPlan | undefined;
  /** Nabe is still looking for a better one than the one shown. */
  proving: boolean;
  error: Error | null;
}

/** The plan of a meal: the first good one at once, then the best; the last one stays until the next is there. */
export function useMealPlan(kept: KeptMeal | undefined, saving: boolean): Planning {
  const id = kept?.id ?? "";
  const version = kept?.version ?? 0;
  const ready = Boolean(kept) && !saving;
  const first = useQuery({
    queryKey: ["meal-plan", id, version, "first"],
    queryFn: () => api.mealPlan(id, true),
    enabled: ready,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (last: MealPlan | undefined) => last,
    refetchInterval: (q) => (q.state.error instanceof Away ? 2_000 : false),
  });
  const known = first.data && !first.isPlaceholderData ? first.data : undefined;
  const best = useQuery({
    queryKey: ["meal-plan", id, version, "best"],
    queryFn: () => api.mealPlan(id, false),
    enabled: ready && known !== undefined && !known.status.proven,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const plan = useLastGood(id, best.data ?? first.data);
  return {
    plan,
    proving: ready && !best.data && !best.error && !known?.status.proven && !first.error,
    error: first.error ?? best.error,
  };
}
