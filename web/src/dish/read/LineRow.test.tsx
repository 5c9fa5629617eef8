// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type LarderItem, type Line } from "../../api";
import { leek } from "../../testing/leek";
import { LineRow } from "./LineRow";

const larder = [
  { id: "butter", name: "butter", aliases: [] },
  { id: "plant-block", name: "plant block", aliases: [] },
] as unknown as LarderItem[];
const onCorrect = vi.fn();
const line = (change: Partial<Line> = {}): Line => ({ ...(leek().recipe.lines[0] as Line), ...change });

function row(of: Line, open = false) {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <LineRow line={of} open={open} larder={larder} onOpen={() => undefined} onCorrect={onCorrect} />
    </QueryClientProvider>,
  );
}

const use = () => userEvent.click(screen.getByRole("button", { name: "Use this" }));

describe("a line as it was read", () => {
  beforeEach(() => {
    onCorrect.mockReset();
    vi.spyOn(api, "near").mockResolvedValue([{ id: "butter", name: "butter" }] as never);
  });

  it("stands beside the cook's own words, with what is not sure of it", () => {
    row(line({ text: "a knob of butter", ingredientName: "butter", doubt: "Taken for butter: right?" }));
    expect(screen.getByText("a knob of butter")).toBeTruthy();
    expect(screen.getByText("butter")).toBeTruthy();
    expect(screen.getByText(/Taken for butter: right\?/)).toBeTruthy();
  });

  it("says whether a weight is unknown or no amount was given", () => {
    row(line({ grams: null as never, amount: { min: 2, max: 2 } as never }));
    expect(screen.getByText(/weight unknown/)).toBeTruthy();
    row(line({ grams: null as never, amount: null as never }));
    expect(screen.getByText(/no amount/)).toBeTruthy();
  });

  it("offers what an unknown word may be, and takes it at one touch", async () => {
    row(line({ text: "50 g frumble", ingredientName: null as never, heading: "Crust" as never }));
    expect(screen.getByText("Not known")).toBeTruthy();
    await userEvent.click(await screen.findByRole("button", { name: /butter/ }));
    expect(onCorrect).toHaveBeenCalledWith({ text: "50 g frumble", heading: "Crust", ingredient: "butter" });
  });

  it("sends only what was changed", async () => {
    const was = line({ ingredientName: "butter" });
    row(was, true);
    fireEvent.change(screen.getByLabelText("Line"), { target: { value: "60 g butter" } });
    await use();
    expect(onCorrect).toHaveBeenCalledWith({
      text: "60 g butter",
      heading: was.heading,
      ingredient: undefined,
      part: undefined,
    });
  });

  it("may say of a line with a stranger in it that it is only what is known", async () => {
    row(line({ text: "frumble, butter", ingredientName: "butter", unknown: ["frumble"] }), true);
    await use();
    expect(onCorrect).toHaveBeenCalledWith(expect.objectContaining({ text: "frumble, butter", ingredient: "butter" }));
  });

  it("takes no ingredient that the larder does not know", async () => {
    row(line({ ingredientName: "butter" }), true);
    fireEvent.change(screen.getByLabelText("Ingredient"), { target: { value: "something" } });
    expect(screen.getByText("Choose one from the list.")).toBeTruthy();
    await use();
    expect(onCorrect).not.toHaveBeenCalled();
  });
});
