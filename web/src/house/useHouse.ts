import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type House, type KeptHouse } from "../api";

/** The house as saved, and a way to change part of it. A change shows at once and is taken back when it is refused. */
export function useHouse() {
  const queries = useQueryClient();
  const kept = useQuery({ queryKey: ["house"], queryFn: api.house });
  const save = useMutation({
    mutationFn: ({ house, version }: { house: House; version: number }) => api.saveHouse(house, version),
    onMutate: ({ house, version }) => {
      const before = queries.getQueryData<KeptHouse>(["house"]);
      queries.setQueryData<KeptHouse>(["house"], { version, house });
      return before;
    },
    onError: (_error, _asked, before) => before && queries.setQueryData(["house"], before),
    onSuccess: (now) => queries.setQueryData(["house"], now),
    onSettled: async () => {
      await queries.invalidateQueries({ queryKey: ["house"], exact: true });
      await queries.invalidateQueries({ queryKey: ["plan"] });
    },
    scope: { id: "house" },
  });
  const change = (part: Partial<House>) => {
    const now = queries.getQueryData<KeptHouse>(["house"]);
    if (now) save.mutate({ house: { ...now.house, ...part }, version: now.version });
  };
  return {
    house: kept.data?.house,
    error: kept.error ?? save.error,
    saving: save.isPending,
    saved: save.isSuccess,
    change,
  };
}
