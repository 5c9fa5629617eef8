// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { MemoryRouter, Route, Routes } from "react-router";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api";
import { NewRecipe } from "./NewRecipe";

function open() {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { mutations: { retry: false } } })}>
      <MemoryRouter initialEntries={["/read"]}>
        <Routes>
          <Route path="/read" element={<NewRecipe />} />
          <Route path="/dishes/:id/read" element={<p>the dish's page</p>} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

const pasted = () => screen.getByRole("textbox") as HTMLTextAreaElement;
const paste = (text: string) => fireEvent.change(pasted(), { target: { value: text } });
const read = () => userEvent.click(screen.getByRole("button", { name: "Read this recipe" }));

describe("a recipe to read", () => {
  beforeEach(() => {
    localStorage.clear();
    vi.restoreAllMocks();
  });

  it("goes to the dish it became, with the needs that were named", async () => {
    const create = vi.spyOn(api, "create").mockResolvedValue({ id: "d7" } as never);
    open();
    paste("Gratin\n1 kg potatoes");
    await userEvent.click(screen.getByRole("button", { name: "Gluten-free" }));
    await userEvent.click(screen.getByRole("radio", { name: "Strict: traces matter" }));
    await read();
    expect(await screen.findByText("the dish's page")).toBeTruthy();
    expect(create.mock.calls[0][0]).toMatchObject({
      recipe: { text: "Gratin\n1 kg potatoes" },
      needs: ["gluten-free"],
      strict: true,
    });
  });

  it("keeps the text where it could not be read, and says why", async () => {
    vi.spyOn(api, "create").mockRejectedValue(new Error("No ingredient was found in this text."));
    open();
    paste("Dear diary");
    await read();
    expect(await screen.findByText("No ingredient was found in this text.")).toBeTruthy();
    expect(pasted().value).toBe("Dear diary");
  });

  it("keeps what was pasted over a closed window, and forgets it once it is a dish", async () => {
    open();
    paste("Gratin\n1 kg potatoes");
    cleanup();
    open();
    expect(pasted().value).toBe("Gratin\n1 kg potatoes");
    vi.spyOn(api, "create").mockResolvedValue({ id: "d7" } as never);
    await read();
    await screen.findByText("the dish's page");
    cleanup();
    open();
    expect(pasted().value).toBe("");
  });

  it("takes a saved page as well", async () => {
    open();
    const file = new File(["Moussaka\n3 aubergines"], "moussaka.txt", { type: "text/plain" });
    await userEvent.upload(screen.getByLabelText(/choose a saved page/), file);
    await waitFor(() => expect(pasted().value).toBe("Moussaka\n3 aubergines"));
  });
});
