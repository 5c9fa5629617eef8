// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { fireEvent, render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type Product } from "../api";
import { PacketForm } from "./PacketForm";

const sheets = { id: "rice-sheets", name: "brown-rice lasagna sheets", aliases: [] };
const done = vi.fn();

function form(packet?: Product, label?: string) {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <PacketForm packet={packet} label={label} onDone={done} />
    </QueryClientProvider>,
  );
}

const keep = () => screen.getByRole("button", { name: "Keep this packet" }) as HTMLButtonElement;

describe("a packet to keep", () => {
  beforeEach(() => {
    done.mockReset();
    vi.spyOn(api, "larder").mockResolvedValue([sheets] as never);
    vi.spyOn(api, "keepProduct").mockResolvedValue({} as never);
  });

  it("is kept only with a name and an ingredient it stands in for", async () => {
    form();
    expect(keep().disabled).toBe(true);
    fireEvent.change(screen.getByLabelText(/What you call it/), { target: { value: "the blue packet" } });
    expect(keep().disabled).toBe(true);
    fireEvent.change(screen.getByLabelText(/Stands in for/), { target: { value: "sheets of something" } });
    expect(await screen.findByText("Choose one from the list.")).toBeTruthy();
    expect(keep().disabled).toBe(true);
  });

  it("sends its words and figures as they stand, and none that was not given", async () => {
    form({ id: "p1", name: "blue", standsForName: sheets.name, label: "Ingredients: rice.", minutes: 12 } as never);
    await waitFor(() => expect(keep().disabled).toBe(false));
    await userEvent.click(keep());
    await waitFor(() => expect(done).toHaveBeenCalled());
    const [sent, id] = vi.mocked(api.keepProduct).mock.calls[0];
    expect(id).toBe("p1");
    expect(sent).toMatchObject({ name: "blue", standsFor: sheets.id, label: "Ingredients: rice.", minutes: 12 });
    expect(sent.thirst).toBeUndefined();
  });

  it("loses nothing when it could not be kept, and says why", async () => {
    vi.mocked(api.keepProduct).mockRejectedValue(new Error("This packet's words are longer than any packet's."));
    form({ id: "p1", name: "blue", standsForName: sheets.name, label: "Ingredients: rice." } as never);
    await waitFor(() => expect(keep().disabled).toBe(false));
    await userEvent.click(keep());
    expect(await screen.findByText(/longer than any packet/)).toBeTruthy();
    expect((screen.getByLabelText(/The packet's words/) as HTMLTextAreaElement).value).toBe("Ingredients: rice.");
    expect(done).not.toHaveBeenCalled();
  });

  it("begins with the words that were just read", () => {
    form(undefined, "Ingredients: maize flour.");
    expect((screen.getByLabelText(/The packet's words/) as HTMLTextAreaElement).value).toBe(
      "Ingredients: maize flour.",
    );
  });
});
