// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type Brief } from "../../api";
import { leek } from "../../testing/leek";
import { atStop, show } from "../../testing/show";
import { Ingredients } from "./Ingredients";
import { NeedsPicker } from "./NeedsPicker";

function picker(brief: Brief = {}, judged: Partial<ReturnType<typeof leek>["needs"]> = {}) {
  const plan = leek();
  Object.assign(plan.needs, judged);
  const { props, edit } = atStop(plan, brief);
  show(<NeedsPicker plan={plan} brief={props.brief} edit={edit} />);
  return edit;
}

describe("for whom the dish is made", () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    vi.spyOn(api, "house").mockResolvedValue({ version: 1, house: { people: [] } } as never);
  });

  it("adds and takes away needs, and keeps the others", async () => {
    const edit = picker({ needs: ["vegan", "nut-free"] });
    await userEvent.click(screen.getByRole("button", { name: "Gluten-free" }));
    expect(edit).toHaveBeenLastCalledWith({ needs: ["vegan", "nut-free", "gluten-free"] });
    await userEvent.click(screen.getByRole("button", { name: "Vegan" }));
    expect(edit).toHaveBeenLastCalledWith({ needs: ["nut-free"] });
  });

  it("takes traces as seriously as the cook says", async () => {
    const edit = picker();
    await userEvent.click(screen.getByRole("radio", { name: /strict/i }));
    expect(edit).toHaveBeenLastCalledWith({ strict: true });
  });

  it("names the single allergens that were chosen, in a cook's words", () => {
    picker({ avoid: ["tree-nut:hazelnut", "sesame"] });
    expect(screen.getByText(/: hazelnut, sesame$/)).toBeTruthy();
  });

  it("offers the people of the house", async () => {
    vi.spyOn(api, "house").mockResolvedValue({ version: 1, house: { people: [{ id: "w", name: "Wenna" }] } } as never);
    const edit = picker();
    await userEvent.click(await screen.findByRole("button", { name: "Wenna" }));
    expect(edit).toHaveBeenCalledWith({ eaters: ["w"] });
  });

  it("says what it was judged for, and nothing where nothing was asked", () => {
    picker({}, { needs: ["dairy-free"], avoid: ["tree-nut:cashew"], strict: true } as never);
    expect(screen.getByText(/dairy-free, no cashew.*strict/i)).toBeTruthy();
    document.body.replaceChildren();
    picker({}, { needs: [], avoid: [] } as never);
    expect(screen.queryByText(/^judged/i)).toBeNull();
  });
});

describe("what goes in now", () => {
  it("has every ingredient with its amount, and marks what is new and what to check", () => {
    const plan = leek();
    show(<Ingredients plan={plan} />);
    const rows = screen
      .getAllByRole("row")
      .slice(1)
      .map((r) => r.textContent ?? "");
    expect(rows).toHaveLength(plan.ingredients.length);
    for (const [i, item] of plan.ingredients.entries()) {
      expect(rows[i]).toContain(item.item);
      expect(rows[i]).toContain(item.display);
      expect(/new/.test(rows[i].replace(item.item, ""))).toBe(Boolean(item.swapped));
      expect(/label|claim|ask/i.test(rows[i])).toBe(item.buy !== "any");
    }
  });
});
