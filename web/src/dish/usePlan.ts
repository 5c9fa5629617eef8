import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Away, api, type Brief } from "../api";

/** The plan of the brief on screen, saved or not. Notes and title do not change it. */
export function usePlan(brief: Brief) {
  const { notes: _notes, title: _title, ...asked } = brief;
  return useQuery({
    queryKey: ["plan", asked],
    queryFn: ({ signal }) => api.plan(asked, signal),
    placeholderData: keepPreviousData,
    refetchInterval: (query) => (query.state.error instanceof Away ? 2_000 : false),
  });
}
