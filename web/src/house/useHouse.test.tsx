// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, renderHook, waitFor } from "@testing-library/react";
import type { ReactNode } from "react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type House, type KeptHouse, Refusal } from "../api";
import { useHouse } from "./useHouse";

const house = (part: Partial<House>): House => ({ tools: [], people: [], schools: {}, ...part }) as unknown as House;

/** A server that takes a change only on the version it holds. */
function server() {
  let now: KeptHouse = { version: 1, house: house({ spoons: "metric" } as Partial<House>) };
  vi.spyOn(api, "house").mockImplementation(async () => now);
  return vi.spyOn(api, "saveHouse").mockImplementation(async (next, version) => {
    await new Promise((answer) => setTimeout(answer, 30));
    if (version !== now.version) throw new Refusal({ title: "", detail: "stale", status: 409 });
    if ((next as { spoons?: string }).spoons === "wrong")
      throw new Refusal({ title: "", detail: "no such spoons", status: 400 });
    now = { version: version + 1, house: next };
    return now;
  });
}

async function opened() {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  );
  const hook = renderHook(() => useHouse(), { wrapper });
  await waitFor(() => expect(hook.result.current.house).toBeDefined());
  return hook.result;
}

const change = (spoons: string) => ({ spoons }) as unknown as Partial<House>;

describe("the house", () => {
  beforeEach(() => vi.restoreAllMocks());

  it("takes quick changes one after the other, each on the version before it", async () => {
    const saves = server();
    const result = await opened();
    act(() => {
      result.current.change(change("us"));
      result.current.change({ tools: ["blender"] } as unknown as Partial<House>);
      result.current.change(change("imperial"));
    });
    await waitFor(() => expect(result.current.saving).toBe(true));
    expect(result.current.house).toMatchObject({ spoons: "imperial", tools: ["blender"] });
    await waitFor(() => expect(result.current.saving).toBe(false));
    expect(saves.mock.calls.map((c) => c[1])).toEqual([1, 2, 3]);
    expect(result.current.error).toBeNull();
    expect(result.current.house).toMatchObject({ spoons: "imperial", tools: ["blender"] });
  });

  it("takes back only the change that is refused", async () => {
    server();
    const result = await opened();
    act(() => {
      result.current.change(change("wrong"));
      result.current.change({ tools: ["blender"] } as unknown as Partial<House>);
    });
    await waitFor(() => expect(result.current.saving).toBe(false));
    await waitFor(() => expect(result.current.house).toMatchObject({ spoons: "metric", tools: ["blender"] }));
  });
});
