// @vitest-environment jsdom
import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Away, api, type Brief, type Dish, Refusal } from "../api";
import { recall } from "./saving";
import { useDesk } from "./useDesk";
import { afterFlush } from "./useFlush";

const dish = (version: number, notes: string): Dish => ({
  id: "d",
  version,
  title: "Gratin",
  brief: { recipe: { text: "Gratin" }, notes },
  canUndo: true,
  canRedo: false,
  changedAt: "",
});

const wait = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

describe("a dish on the desk", () => {
  const change = vi.spyOn(api, "change");

  beforeEach(() => {
    vi.useFakeTimers();
    change.mockReset();
    change.mockImplementation(async (_id, version, brief: Brief) => dish(version + 1, brief.notes ?? ""));
    localStorage.clear();
  });
  afterEach(() => vi.useRealTimers());

  const opened = () => renderHook(() => useDesk(dish(1, "a")));

  it("is saved once after a pause, however fast the cook types", async () => {
    const { result } = opened();
    for (const notes of ["b", "bc", "bcd"]) act(() => result.current.edit({ notes }));
    expect(change).not.toHaveBeenCalled();
    await wait(600);
    expect(change).toHaveBeenCalledTimes(1);
    expect(change.mock.calls[0][2].notes).toBe("bcd");
    expect(result.current.desk.saving.kind).toBe("saved");
    expect(result.current.desk.dish.version).toBe(2);
  });

  it("is sent at once when its page is left before the pause is over", async () => {
    const { result, unmount } = opened();
    act(() => result.current.edit({ notes: "late" }));
    expect(recall("d")?.brief.notes).toBe("late");
    unmount();
    expect(change).toHaveBeenCalledTimes(1);
    await afterFlush("d");
    expect(recall("d")).toBeNull();
  });

  it("keeps in the browser what a left page could not send", async () => {
    change.mockRejectedValue(new Away(false));
    const { result, unmount } = opened();
    act(() => result.current.edit({ notes: "late" }));
    unmount();
    await afterFlush("d");
    expect(recall("d")?.brief.notes).toBe("late");
  });

  it("tries again by itself while nobody answers, and loses nothing", async () => {
    change.mockRejectedValueOnce(new Away(true));
    const { result } = opened();
    act(() => result.current.edit({ notes: "b" }));
    await wait(600);
    expect(result.current.desk.saving.kind).toBe("away");
    expect(recall("d")?.brief.notes).toBe("b");
    await wait(2_100);
    expect(result.current.desk.saving.kind).toBe("saved");
    expect(recall("d")).toBeNull();
  });

  it("holds both versions when another window was quicker, and goes on with the one chosen", async () => {
    const theirs = dish(5, "theirs");
    change.mockRejectedValueOnce(new Refusal({ title: "", detail: "", status: 409, current: theirs }));
    const { result } = opened();
    act(() => result.current.edit({ notes: "mine" }));
    await wait(600);
    expect(result.current.desk.saving).toEqual({ kind: "conflict", theirs });
    act(() => result.current.keepMine());
    await wait(600);
    expect(change.mock.lastCall?.slice(0, 2)).toEqual(["d", 5]);
    expect(change.mock.lastCall?.[2].notes).toBe("mine");
  });
});
