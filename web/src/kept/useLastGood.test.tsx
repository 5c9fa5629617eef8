// @vitest-environment jsdom
import { renderHook } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { useLastGood } from "./useLastGood";

const looking = (first: { of: string; answer?: number }) =>
  renderHook(({ of, answer }: { of: string; answer?: number }) => useLastGood(of, answer), { initialProps: first });

describe("the last good answer", () => {
  it("stays while the next is missing, and goes when the next is there", () => {
    const { result, rerender } = looking({ of: "a", answer: 1 });
    rerender({ of: "a" });
    expect(result.current).toBe(1);
    rerender({ of: "a", answer: 2 });
    expect(result.current).toBe(2);
  });

  it("is never shown for another question", () => {
    const { result, rerender } = looking({ of: "a", answer: 1 });
    rerender({ of: "b" });
    expect(result.current).toBeUndefined();
  });

  it("may be nought", () => {
    const { result, rerender } = looking({ of: "a", answer: 0 });
    rerender({ of: "a" });
    expect(result.current).toBe(0);
  });
});
