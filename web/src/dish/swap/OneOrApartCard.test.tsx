// @vitest-environment jsdom
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api, type Brief } from "../../api";
import { show } from "../../testing/show";
import { OneOrApartCard } from "./OneOrApartCard";
import { SchoolsCard } from "./SchoolsCard";

const way = (dishes: unknown[], more = {}) => ({
  activeMinutes: 40,
  fidelity: 0.7,
  labels: 3,
  strictMoments: 0,
  open: 0,
  dishes,
  ...more,
});
const compared = {
  advice: "apart",
  why: "Only two of six need it.",
  one: way([{ servings: 6 }]),
  apart: way([{ people: ["Wenna", "Osk"], ids: ["w", "o"], servings: 2 }, { servings: 4 }], {
    activeMinutes: 65,
    strictMoments: 4,
  }),
};

function card(eaters: string[], answer: unknown = compared) {
  const edit = vi.fn();
  vi.spyOn(api, "oneOrApart").mockResolvedValue(answer as never);
  show(<OneOrApartCard brief={{ eaters } as Brief} edit={edit} />);
  return edit;
}

describe("one dish for all, or one apart", () => {
  beforeEach(() => vi.restoreAllMocks());

  it("sets both side by side, with the advice and why", async () => {
    card(["w", "o", "b"]);
    expect(await screen.findByText("Only two of six need it.")).toBeTruthy();
    expect(screen.getByText("two dishes are better here")).toBeTruthy();
    const cells = screen
      .getAllByRole("row")
      .slice(1)
      .map((r) =>
        within(r)
          .getAllByRole("cell")
          .map((c) => c.textContent),
      );
    expect(cells[0]).toEqual(["40 min", "1 h 5 min"]);
    expect(cells[3]).toEqual(["none", "4"]);
  });

  it("makes the small one for those only who need it", async () => {
    const edit = card(["w", "o", "b"]);
    await userEvent.click(await screen.findByRole("button", { name: /Wenna and Osk/ }));
    expect(edit).toHaveBeenCalledWith({ eaters: ["w", "o"], servings: 2 });
  });

  it("is no question for one eater, nor where all can eat it", async () => {
    card(["w"]);
    expect(api.oneOrApart).not.toHaveBeenCalled();
    card(["w", "o"], { advice: "one", why: "", one: null, apart: null });
    await waitFor(() => expect(api.oneOrApart).toHaveBeenCalled());
    expect(screen.queryByRole("table")).toBeNull();
  });
});

describe("how this dish is cooked", () => {
  const questions = [
    {
      id: "soak",
      ask: "Do you soak lentils?",
      why: "Some do.",
      answers: [
        { id: "no", name: "No" },
        { id: "yes", name: "Yes" },
      ],
    },
  ];

  async function schools(own: Record<string, string>, house: Record<string, string> = {}) {
    const edit = vi.fn();
    vi.spyOn(api, "houseChoices").mockResolvedValue({ questions } as never);
    vi.spyOn(api, "house").mockResolvedValue({ version: 1, house: { schools: house } } as never);
    show(<SchoolsCard brief={{ schools: own }} edit={edit} />);
    return { edit, field: await screen.findByRole("combobox", { name: /Do you soak lentils/ }) };
  }

  it("is as the house does, said with the house's answer", async () => {
    await schools({}, { soak: "yes" });
    expect(await screen.findByRole("option", { name: /house.*Yes/i })).toBeTruthy();
  });

  it("has an answer of its own, and goes back to the house's", async () => {
    const { edit, field } = await schools({ soak: "yes", other: "x" });
    await userEvent.selectOptions(field, "no");
    expect(edit).toHaveBeenLastCalledWith({ schools: { soak: "no", other: "x" } });
    await userEvent.selectOptions(field, "");
    expect(edit).toHaveBeenLastCalledWith({ schools: { other: "x" } });
  });
});
