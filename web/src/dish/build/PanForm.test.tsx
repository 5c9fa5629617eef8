// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type PanInBrief } from "../../api";
import { leek } from "../../testing/leek";
import { PanForm } from "./PanForm";

const used = () => leek().build.pan;
const onPan = vi.fn();

function form(pan: PanInBrief | null, now = used()) {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <PanForm pan={pan} used={now} onPan={onPan} />
    </QueryClientProvider>,
  );
}

function type(label: RegExp, value: string) {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
}

describe("the cook's pan", () => {
  beforeEach(() => {
    onPan.mockReset();
    vi.spyOn(api, "pans").mockResolvedValue([
      { name: "Small square, 20 cm", pan: { ...used(), lengthMm: 200 } },
    ] as never);
    vi.spyOn(api, "house").mockResolvedValue({
      house: { pans: [{ name: "the blue one", pan: { lengthMm: 340 } }] },
    } as never);
  });

  it("begins with the pan the plan uses, and changes one side at a time", () => {
    form(null);
    type(/^Length/, "350");
    expect(onPan).toHaveBeenCalledTimes(1);
    const pan = onPan.mock.calls[0][0] as PanInBrief;
    expect(pan.lengthMm).toBe(350);
    expect(pan.widthMm).toBe(used().widthMm);
    expect(pan.depthMm).toBe(used().depthMm);
  });

  it("forgets the base when the rim is another: it was measured on another pan", () => {
    form({ lengthMm: 300 }, { ...used(), baseLengthMm: 260 });
    type(/^Width/, "210");
    expect((onPan.mock.calls[0][0] as PanInBrief).baseLengthMm).toBeUndefined();
  });

  it("keeps the rim when only the depth changes", () => {
    form({ lengthMm: 300 }, { ...used(), baseLengthMm: 260 });
    type(/^Depth/, "70");
    expect(onPan.mock.calls[0][0]).toMatchObject({ depthMm: 70, baseLengthMm: 260, lengthMm: used().lengthMm });
  });

  it("asks a round pan for one figure across", () => {
    form(null, { ...used(), shape: "round" });
    expect(screen.queryByLabelText(/^Width/)).toBeNull();
    type(/^Across \(mm\)|^Across$/, "260");
    expect(onPan.mock.calls[0][0]).toMatchObject({ diameterMm: 260, lengthMm: 260, widthMm: 260 });
  });

  it("has the house's own pans before the common ones", async () => {
    form(null);
    const own = await screen.findByRole("option", { name: "Ours: the blue one" });
    const common = await screen.findByRole("option", { name: "Small square, 20 cm" });
    expect(own.compareDocumentPosition(common) & Node.DOCUMENT_POSITION_FOLLOWING).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText("Take a pan from the shelf"), "Ours: the blue one");
    expect(onPan).toHaveBeenCalledWith({ lengthMm: 340 });
  });

  it("goes back to the recipe's pan only from one of the cook's own", async () => {
    form({ lengthMm: 300 });
    await userEvent.click(screen.getByRole("button", { name: "Go back to the recipe's pan" }));
    expect(onPan).toHaveBeenCalledWith(undefined);
  });
});
