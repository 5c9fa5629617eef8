import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Away, Refusal } from "../api";
import { orLast, seenAt } from "./lastSeen";

const held = new Map<string, unknown>();
vi.mock("idb-keyval", () => ({
  createStore: () => undefined,
  get: async (key: string) => held.get(key),
  set: async (key: string, value: unknown) => void held.set(key, value),
}));

beforeEach(() => held.clear());
afterEach(() => seenAt.set(null));

const away = () => Promise.reject(new Away(false));

describe("what was seen last", () => {
  it("stands in for a server that does not answer, and says since when", async () => {
    await orLast("plan.1", "vegan", async () => "a plan");
    expect(seenAt.now()).toBeNull();
    expect(await orLast("plan.1", "vegan", away)).toBe("a plan");
    expect(seenAt.now()).not.toBeNull();
    await orLast("plan.1", "vegan", async () => "another");
    expect(seenAt.now()).toBeNull();
  });

  it("never answers another question", async () => {
    await orLast("plan.1", "vegan", async () => "a plan");
    await expect(orLast("plan.1", "gluten-free", away)).rejects.toBeInstanceOf(Away);
    await expect(orLast("plan.2", "vegan", away)).rejects.toBeInstanceOf(Away);
  });

  it("is not asked where the server is there and refuses, or only its database is away", async () => {
    await orLast("plan.1", "vegan", async () => "a plan");
    const refuse = () => Promise.reject(new Refusal({ title: "no", detail: "no", status: 400 }));
    await expect(orLast("plan.1", "vegan", refuse)).rejects.toBeInstanceOf(Refusal);
    await expect(orLast("plan.1", "vegan", () => Promise.reject(new Away(true)))).rejects.toBeInstanceOf(Away);
    expect(seenAt.now()).toBeNull();
  });
});
