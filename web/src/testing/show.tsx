import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter, Route, Routes } from "react-router";
import { vi } from "vitest";
import type { Brief, KeptMeal, MealBrief, MealPlan, Plan } from "../api";
import type { StopProps } from "../dish/stopProps";
import type { ViewProps } from "../table/viewProps";

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

/** A view of a meal, and the changes the cook makes there. */
export function atTable(kept: KeptMeal, plan: MealPlan, part: Partial<MealBrief> = {}) {
  const change = vi.fn<(part: Partial<MealBrief>) => void>();
  const meal = { ...kept.meal, ...part };
  const props: ViewProps = { kept: { ...kept, meal }, meal, plan, change };
  return { props, change };
}
