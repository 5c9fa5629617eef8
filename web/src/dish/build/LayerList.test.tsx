// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { leek } from "../../testing/leek";
import { grams } from "../../ui";
import { LayerList } from "./LayerList";

function shown(ordered = false) {
  const build = leek().build;
  const orders: string[][] = [];
  render(<LayerList build={build} ordered={ordered} onOrder={(o) => orders.push(o)} />);
  return { build, orders };
}

describe("the layers to build by", () => {
  it("are weighed, bottom to top, in the words they are laid with", () => {
    const { build } = shown();
    const rows = screen.getAllByRole("listitem");
    build.layers.forEach((layer, i) => {
      expect(rows[i].textContent).toContain(layer.name);
      expect(rows[i].textContent).toContain(grams(layer.grams));
      if (layer.words) expect(rows[i].textContent).toContain(layer.words);
    });
    expect(build.layers.some((l) => l.words)).toBe(true);
  });

  it("are moved by their buttons, the whole order with them", async () => {
    const { build, orders } = shown();
    const before = build.layers.map((l) => l.component);
    await userEvent.click(screen.getByRole("button", { name: `Move down: ${build.layers[1].name}, layer 2` }));
    expect(orders).toEqual([[before[1], before[0], ...before.slice(2)]]);
  });

  it("go back to the usual order in one touch, once they are the cook's own", async () => {
    const { orders } = shown(true);
    await userEvent.click(screen.getByRole("button", { name: "Go back to the usual order" }));
    expect(orders).toEqual([[]]);
  });
});
