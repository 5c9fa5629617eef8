// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { describe, expect, it } from "vitest";
import { Combobox } from "./Combobox";

const options = ["butter", "buttermilk", "peanut butter"].map((name) => ({ id: name, name, also: [] }));

function Form({ onEnter }: { onEnter: () => void }) {
  const [value, setValue] = useState("");
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        onEnter();
      }}
    >
      <Combobox label="Ingredient" options={options} value={value} onValue={setValue} />
      <button type="submit">Use this</button>
    </form>
  );
}

const field = () => screen.getByRole("combobox", { name: "Ingredient" });

describe("choosing an ingredient", () => {
  it("takes with the arrows and Enter what stands below, and does not send the form", async () => {
    const user = userEvent.setup();
    let sent = 0;
    render(<Form onEnter={() => sent++} />);
    await user.type(field(), "butter");
    expect(screen.getAllByRole("option").map((o) => o.textContent)).toEqual(["butter", "buttermilk", "peanut butter"]);
    await user.keyboard("{ArrowDown}{Enter}");
    expect(field()).toHaveProperty("value", "buttermilk");
    expect(screen.queryByRole("listbox")).toBeNull();
    expect(sent).toBe(0);
  });

  it("tells which one is meant, and closes on Escape without taking it", async () => {
    const user = userEvent.setup();
    render(<Form onEnter={() => undefined} />);
    await user.type(field(), "pea");
    const one = screen.getByRole("option", { name: "peanut butter" });
    expect(field().getAttribute("aria-activedescendant")).toBe(one.id);
    await user.keyboard("{Escape}");
    expect(screen.queryByRole("option")).toBeNull();
    expect(field()).toHaveProperty("value", "pea");
  });

  it("is taken by a touch", async () => {
    const user = userEvent.setup();
    render(<Form onEnter={() => undefined} />);
    await user.type(field(), "milk");
    await user.pointer({ keys: "[MouseLeft]", target: screen.getByRole("option", { name: "buttermilk" }) });
    expect(field()).toHaveProperty("value", "buttermilk");
  });
});
