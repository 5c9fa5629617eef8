// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { MemoryRouter } from "react-router";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { Away, api, type ShelfDish } from "../api";
import { Toasts } from "../ui";
import { Shelf } from "./Shelf";

vi.mock("idb-keyval", () => ({ createStore: () => undefined, get: async () => undefined, set: async () => undefined }));

const dish = (id: string, title: string): ShelfDish =>
  ({ id, title, needs: ["vegan"], avoid: [], strict: false, changedAt: "2026-01-01" }) as unknown as ShelfDish;

function open() {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter>
        <Toasts>
          <Shelf />
        </Toasts>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

describe("the shelf", () => {
  let there: ShelfDish[];
  beforeEach(() => {
    there = ["Gratin", "Moussaka"].map((title, i) => dish(String(i), title));
    vi.spyOn(api, "shelf").mockImplementation(async () => there);
    vi.spyOn(api, "putAway").mockImplementation(async (id) => {
      there = there.filter((d) => d.id !== id);
    });
    vi.spyOn(api, "putBack").mockImplementation(async (id) => {
      there = [...there, dish(id, "Gratin")];
      return {} as never;
    });
  });

  it("gives a dish back that was just taken off", async () => {
    open();
    await userEvent.click(await screen.findByRole("button", { name: "Take Gratin off the shelf" }));
    await waitFor(() => expect(screen.queryByRole("heading", { name: "Gratin" })).toBeNull());
    await userEvent.click(await screen.findByRole("button", { name: "Put it back" }));
    expect(await screen.findByRole("heading", { name: "Gratin" })).toBeTruthy();
    expect(api.putBack).toHaveBeenCalledWith("0");
  });

  it("looks through many, and says so where none fits", async () => {
    there = Array.from({ length: 8 }, (_, i) => dish(String(i), i === 3 ? "Leek gratin" : `Lasagne ${i}`));
    open();
    const find = await screen.findByRole("textbox", { name: "Find a dish" });
    await userEvent.type(find, "leek");
    expect(screen.getAllByRole("listitem")).toHaveLength(1);
    await userEvent.clear(find);
    await userEvent.type(find, "pizza");
    expect(screen.getByText(/No dish on the shelf has “pizza”/)).toBeTruthy();
  });

  it("says that it cannot be reached, and what is refused", async () => {
    vi.spyOn(api, "shelf").mockRejectedValue(new Away(true));
    open();
    expect((await screen.findByText("The shelf cannot be reached")).parentElement?.textContent).toContain("database");
  });
});
