// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { Build, Plan } from "../../api";
import { leek } from "../../testing/leek";
import { atStop, show } from "../../testing/show";
import { grams } from "../../ui";
import { BuildStop } from "./BuildStop";

function built(change: Partial<Build> = {}, brief = {}) {
  const plan: Plan = leek();
  Object.assign(plan.build, change);
  const { props, edit } = atStop(plan, brief);
  show(<BuildStop {...props} />);
  return { plan, edit };
}

const twice = {
  way: "same-again",
  words: "two dishes of the recipe's size",
  taken: true,
  pan: { shape: "rectangle", lengthMm: 300, widthMm: 200, depthMm: 55 },
};
const bigger = { ...twice, way: "bigger", words: "one dish of 400 × 280 mm", taken: false };

describe("building", () => {
  it("lists every layer from below with its weight, and the way to the card", () => {
    const { plan } = built();
    const text = document.body.textContent ?? "";
    for (const layer of plan.build.layers) {
      expect(text).toContain(layer.name);
      expect(text).toContain(grams(layer.grams));
    }
    expect(screen.getByText("Laid as your recipe says.")).toBeTruthy();
    expect(screen.getByRole("link").getAttribute("href")).toBe("/dishes/d1/card");
  });

  it("owns up where the recipe does not say how it is laid", () => {
    built({ asRead: false });
    expect(screen.queryByText("Laid as your recipe says.")).toBeNull();
    expect(screen.getByText(/Your recipe does not say how/)).toBeTruthy();
  });

  it("lets the cook take another way into dishes, and offers nothing to take twice", async () => {
    const { edit } = built({ ways: [twice, bigger] as unknown as Build["ways"] });
    const ways = screen.getAllByRole("listitem").filter((l) => /dish(es)? of/.test(l.textContent ?? ""));
    expect(within(ways[0]).queryByRole("button")).toBeNull();
    await userEvent.click(within(ways[1]).getByRole("button"));
    expect(edit).toHaveBeenCalledWith({ pan: bigger.pan });
  });

  it("warns before it runs over, with the second dish and what goes into it", () => {
    const overflow = {
      overMm: 12.4,
      grams: 640,
      advice: "Keep a fifth back.",
      secondPan: { lengthMm: 180, widthMm: 120, depthMm: 50 },
      layers: [{ name: "Leek sauce", grams: 320 }],
    };
    built({ overflow: overflow as unknown as Build["overflow"] });
    expect(screen.getByText("Too full by 12 mm")).toBeTruthy();
    expect(screen.getByText(/Keep a fifth back\./)).toBeTruthy();
    expect(screen.getByText("Leek sauce · 320 g")).toBeTruthy();
    expect(screen.getByText("A dish of 180 × 120 × 50 mm takes it:")).toBeTruthy();
  });

  it("offers the amounts for another pan than the recipe's, and keeps what was chosen besides", async () => {
    const rescale = { words: "This pan holds a third more." } as unknown as Build["rescale"];
    const { edit } = built({ rescale }, { build: { order: [1, 0, 2] } });
    await userEvent.click(screen.getByRole("radio", { name: "By volume: as full" }));
    expect(edit).toHaveBeenCalledWith({ build: { order: [1, 0, 2], fit: "volume" } });
  });

  it("tells what is kept beside and for what", () => {
    const beside = { name: "Leek sauce", part: "filling", grams: 80, use: "Serve it with the dish." };
    built({ leftovers: [beside] as unknown as Build["leftovers"] });
    expect(screen.getByText(/\(80 g\)\. Serve it with the dish\./)).toBeTruthy();
  });

  it("shows one layer of those that are laid at a time", async () => {
    const { laid } = leek().build;
    const second = { ...laid[0], layer: 2, words: "Laid crosswise." };
    built({ laid: [laid[0], second] });
    expect(screen.queryByText("Laid crosswise.")).toBeNull();
    await userEvent.click(screen.getByRole("radio", { name: /layer 3/i }));
    expect(screen.getByText("Laid crosswise.")).toBeTruthy();
  });
});
