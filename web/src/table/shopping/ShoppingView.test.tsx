// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api, type KeptMeal, type MealPlan, Refusal } from "../../api";
import { ShoppingView } from "./ShoppingView";

const bought = (item: string) => ({ item, buy: "500 g", for: [0], place: "Dry" });
const plan = { shopping: [bought("penne"), bought("rice")], labels: [{}] } as unknown as MealPlan;
const kept = { id: "m1" } as KeptMeal;

/** A server that keeps ticks, and answers what it had when it was asked. */
function server(delay: number) {
  let ticked: string[] = ["rice"];
  vi.spyOn(api, "ticks").mockImplementation(async () => {
    const asked = [...ticked];
    await new Promise((answer) => setTimeout(answer, delay));
    return asked;
  });
  return vi.spyOn(api, "tick").mockImplementation(async (_meal, item, on) => {
    ticked = on ? [...ticked, item] : ticked.filter((i) => i !== item);
    return ticked as never;
  });
}

function shown() {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  render(
    <QueryClientProvider client={queries}>
      <ShoppingView kept={kept} meal={{} as never} plan={plan} change={() => {}} />
    </QueryClientProvider>,
  );
  return (name: RegExp) => screen.getByRole<HTMLInputElement>("checkbox", { name });
}

describe("the shopping", () => {
  beforeEach(() => vi.restoreAllMocks());
  afterEach(cleanup);

  it("shows what was ticked before", async () => {
    server(0);
    const box = shown();
    await waitFor(() => expect(box(/rice/).checked).toBe(true));
    expect(box(/penne/).checked).toBe(false);
    expect(screen.getByRole("status").textContent).toContain("1 of 2");
  });

  it("keeps a tick made before the first answer came, and then shows the others too", async () => {
    server(40);
    const box = shown();
    fireEvent.click(box(/penne/));
    expect(box(/penne/).checked).toBe(true);
    await new Promise((passed) => setTimeout(passed, 60));
    expect(box(/penne/).checked).toBe(true);
    await waitFor(() => expect(box(/rice/).checked).toBe(true));
  });

  it("keeps the last touch of one and the same thing", async () => {
    server(10);
    const box = shown();
    fireEvent.click(box(/penne/));
    fireEvent.click(box(/penne/));
    fireEvent.click(box(/penne/));
    expect(box(/penne/).checked).toBe(true);
    await new Promise((passed) => setTimeout(passed, 80));
    expect(box(/penne/).checked).toBe(true);
  });

  it("takes a tick back that was refused, and says so", async () => {
    server(0).mockRejectedValue(new Refusal({ title: "", detail: "No such meal.", status: 404 }));
    const box = shown();
    await waitFor(() => expect(box(/rice/).checked).toBe(true));
    fireEvent.click(box(/penne/));
    await screen.findByText("No such meal.");
    await waitFor(() => expect(box(/penne/).checked).toBe(false));
  });
});
