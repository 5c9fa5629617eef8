// @vitest-environment jsdom
import { fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Build } from "../../api";
import { leek } from "../../testing/leek";
import { SheetsCard } from "./SheetsCard";

const onBuild = vi.fn();
const sheets = {
  item: "brown-rice lasagna sheets",
  way: "parboil",
  refused: null,
  why: "They split when laid dry.",
  needed: 12,
  have: 9,
  toBuy: 3,
  spare: 1,
  perLayer: 3,
  layers: 4,
  longMm: 180,
  shortMm: 88,
};
const build = (change: object = {}) =>
  ({ ...leek().build, sheets: null, rolls: null, lid: null, ...change }) as unknown as Build;

const card = (of: Build, own = {}) => render(<SheetsCard build={of} own={own} onBuild={onBuild} />);

describe("sheets to lay", () => {
  beforeEach(() => onBuild.mockReset());

  it("says how many go in, how they go in, and what to buy with the spares", () => {
    card(build({ sheets }));
    expect(screen.getByText("12 brown-rice lasagna sheets")).toBeTruthy();
    expect(screen.getByText(/parboiled, for 4 layers of 3; and 1 spare/)).toBeTruthy();
    expect(screen.getByText("The recipe has 9: buy 4 more.")).toBeTruthy();
  });

  it("says that off-cuts help where there are fewer sheets than pieces", () => {
    card(build({ sheets: { ...sheets, needed: 11 } }));
    expect(screen.getByText(/4 layers of 3 pieces, off-cuts among them/)).toBeTruthy();
  });

  it("asks to buy nothing where there are enough", () => {
    card(build({ sheets: { ...sheets, toBuy: 0, have: 14 } }));
    expect(screen.getByText("The recipe has 14.")).toBeTruthy();
  });

  it("says what was asked for and cannot be, and how they go in instead", () => {
    card(build({ sheets: { ...sheets, refused: "unboiled" } }));
    expect(screen.getByText(/Not dry, unboiled: They split when laid dry\. They go in parboiled\./)).toBeTruthy();
  });

  it("sends both sides of a sheet when one is measured", () => {
    card(build({ sheets }));
    const long = screen.getByLabelText(/One sheet, long/);
    fireEvent.change(long, { target: { value: "170" } });
    fireEvent.blur(long);
    expect(onBuild).toHaveBeenCalledWith({ sheetLongMm: 170, sheetShortMm: 88 });
  });

  it("goes back to the usual only from the cook's own", async () => {
    const { unmount } = card(build({ sheets }));
    expect(screen.queryByRole("button", { name: "As usual" })).toBeNull();
    unmount();
    card(build({ sheets }), { sheetLayers: 5 });
    await userEvent.click(screen.getByRole("button", { name: "As usual" }));
    expect(onBuild).toHaveBeenCalledWith({ sheetLayers: undefined, sheetLongMm: undefined, sheetShortMm: undefined });
  });

  it("tells what does not fit of the pieces to fill", () => {
    card(
      build({
        rolls: {
          filled: 14,
          item: "cannelloni",
          fillingEach: "38 g",
          fit: 12,
          how: "along the dish",
          second: 2,
          secondUse: "Freeze them.",
        },
      }),
    );
    expect(screen.getByText(/12 fit in one layer, along the dish/)).toBeTruthy();
    expect(screen.getByText(/2 do not fit\. Freeze them\./)).toBeTruthy();
  });
});
