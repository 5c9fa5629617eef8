// @vitest-environment jsdom
import { act, render, screen } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { Page } from "../ui";
import { keep, keepsNothing, kept } from "./browser";

afterEach(() => {
  vi.restoreAllMocks();
  localStorage.clear();
  keepsNothing.set(false);
});

const full = () =>
  vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
    throw new DOMException("full", "QuotaExceededError");
  });

describe("what the browser keeps", () => {
  it("gives back what was put there, and nothing once it is forgotten", () => {
    expect(keep("draft", "Gratin")).toBe(true);
    expect(kept("draft")).toBe("Gratin");
    keep("draft", null);
    expect(kept("draft")).toBeNull();
  });

  it("says so on the page when it is full, until it keeps again", () => {
    render(
      <MemoryRouter>
        <Page title="Shelf">dishes</Page>
      </MemoryRouter>,
    );
    const fullNow = full();
    act(() => expect(keep("draft", "Gratin")).toBe(false));
    expect(screen.getByRole("alert").textContent).toContain("keeps nothing");
    fullNow.mockRestore();
    act(() => void keep("draft", "Gratin"));
    expect(screen.queryByRole("alert")).toBeNull();
  });

  it("is not a reason to fail where it may not be read at all", () => {
    vi.spyOn(Storage.prototype, "getItem").mockImplementation(() => {
      throw new DOMException("no", "SecurityError");
    });
    expect(kept("draft")).toBeNull();
  });
});
