import { useMutation, useMutationState, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type House, type KeptHouse } from "../api";
import { told } from "../messages";
import { useToast } from "../ui";

const CHANGE = ["house", "change"];

/**
 * The house as it will be, and a way to change part of it. A change shows at once; quick ones are sent one after the other, each on what the
 * server holds by then; one that is refused is taken back and the others stand.
 */
export function useHouse() {
  const queries = useQueryClient();
  const say = useToast();
  const kept = useQuery({ queryKey: ["house"], queryFn: api.house });
  const save = useMutation({
    mutationKey: CHANGE,
    scope: { id: "house" },
    mutationFn: async (part: Partial<House>) => {
      const now = queries.getQueryData<KeptHouse>(["house"]) ?? (await api.house());
      return api.saveHouse({ ...now.house, ...part }, now.version);
    },
    onSuccess: (now) => queries.setQueryData(["house"], now),
    onError: (error) => {
      say({ words: told("web.house.not-kept", error.message) });
      return queries.invalidateQueries({ queryKey: ["house"], exact: true });
    },
    onSettled: () => queries.invalidateQueries({ queryKey: ["plan"] }),
  });
  const coming = useMutationState({
    filters: { mutationKey: CHANGE, status: "pending" },
    select: (m) => m.state.variables as Partial<House>,
  });
  return {
    house: kept.data && (Object.assign({}, kept.data.house, ...coming) as House),
    error: kept.error ?? save.error,
    saving: coming.length > 0,
    saved: save.isSuccess,
    change: (part: Partial<House>) => save.mutate(part),
  };
}
