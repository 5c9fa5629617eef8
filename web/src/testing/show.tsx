import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter, Route, Routes } from "react-router";
import { vi } from "vitest";
import type { Brief, Plan } from "../api";
import type { StopProps } from "../dish/stopProps";

/** What a page needs round it: a place in the app, and answers that are asked for once. */
export function show(page: ReactNode, at = "/", path = "*") {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[at]}>
        <Routes>
          <Route path={path} element={page} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

/** A stop of a dish as it stands, and the changes the cook makes there. */
export function atStop(plan: Plan, brief: Brief = {}) {
  const edit = vi.fn<(change: Partial<Brief>) => void>();
  const props: StopProps = { plan, brief, dishId: "d1", version: 1, drawing: null, edit };
  return { props, edit };
}
