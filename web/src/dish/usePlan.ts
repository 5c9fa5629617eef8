import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Away, api, type Brief } from "../api";
import { orLast, seenAt, useLastGood } from "../kept";

/** The plan of the brief on screen, saved or not, the last good one where the next fails. Notes and title do not change it. */
export function usePlan(id: string, brief: Brief) {
  const { notes: _notes, title: _title, ...asked } = brief;
  const { data, error } = useQuery({
    queryKey: ["plan", asked],
    queryFn: ({ signal }) => orLast(`plan.${id}`, JSON.stringify(asked), () => api.plan(asked, signal)),
    placeholderData: keepPreviousData,
    refetchInterval: (query) => (query.state.error instanceof Away || seenAt.now() ? 2_000 : false),
  });
  return { data: useLastGood(id, data), error };
}
