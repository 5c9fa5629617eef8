import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Away, api, type Brief } from "../api";
import { orLast, seenAt } from "../kept";

/** The plan of the brief on screen, saved or not. Notes and title do not change it. */
export function usePlan(id: string, brief: Brief) {
  const { notes: _notes, title: _title, ...asked } = brief;
  return useQuery({
    queryKey: ["plan", asked],
    queryFn: ({ signal }) => orLast(`plan.${id}`, JSON.stringify(asked), () => api.plan(asked, signal)),
    placeholderData: keepPreviousData,
    refetchInterval: (query) => (query.state.error instanceof Away || seenAt.now() ? 2_000 : false),
  });
}
