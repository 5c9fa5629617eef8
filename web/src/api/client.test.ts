import { beforeEach, describe, expect, it, vi } from "vitest";
import { Away, api, Refusal } from "./client";

type Answer = { status?: number; body?: unknown };

function answering({ status = 200, body = {} }: Answer) {
  const text = typeof body === "string" ? body : JSON.stringify(body);
  const fetched = vi.fn(async () => new Response(status === 204 ? null : text, { status }));
  vi.stubGlobal("fetch", fetched);
  return fetched as unknown as { mock: { calls: [string, RequestInit][] } };
}

describe("asking the server", () => {
  beforeEach(() => vi.unstubAllGlobals());

  it("says which version a change is made on, and sends what changed", async () => {
    const asked = answering({ body: { id: "d1" } });
    await api.change("d1", 7, { notes: "Less salt." });
    const [path, request] = asked.mock.calls[0];
    expect(path).toBe("/api/dishes/d1");
    expect(request.method).toBe("PUT");
    expect(request.headers).toMatchObject({ "If-Match": '"7"', "Content-Type": "application/json" });
    expect(JSON.parse(String(request.body))).toEqual({ notes: "Less salt." });
  });

  it("sends nothing where there is nothing to send", async () => {
    const asked = answering({ status: 204 });
    expect(await api.putAway("d1")).toBeUndefined();
    expect(asked.mock.calls[0][1].body).toBeUndefined();
    expect(asked.mock.calls[0][1].headers).not.toHaveProperty("Content-Type");
  });

  it("writes words into an address so that none is lost", async () => {
    const asked = answering({ body: [] });
    await api.near("crème & 50 % fat?");
    const address = new URL(asked.mock.calls[0][0], "http://nabe");
    expect(address.searchParams.get("words")).toBe("crème & 50 % fat?");
  });

  it("keeps a packet anew or in its place", async () => {
    const asked = answering({ body: {} });
    await api.keepProduct({} as never);
    await api.keepProduct({} as never, "p1");
    expect(asked.mock.calls.map(([path, r]) => `${r.method} ${path}`)).toEqual([
      "POST /api/larder/products",
      "PUT /api/larder/products/p1",
    ]);
  });

  it("a refusal says what the server says", async () => {
    answering({ status: 400, body: { title: "No", detail: "The pan is too small.", status: 400 } });
    const refused = await api.plan({}).catch((e: unknown) => e);
    expect(refused).toBeInstanceOf(Refusal);
    expect((refused as Refusal).message).toBe("The pan is too small.");
  });

  it("a refusal brings the version that stands", async () => {
    answering({ status: 409, body: { title: "", detail: "Changed elsewhere.", status: 409, current: { version: 9 } } });
    const refused = (await api.change("d1", 7, {}).catch((e: unknown) => e)) as Refusal;
    expect(refused.problem.current).toEqual({ version: 9 });
  });

  it("an answer that is no problem is still said in words", async () => {
    answering({ status: 500, body: "<html>oops</html>" });
    const refused = (await api.shelf().catch((e: unknown) => e)) as Refusal;
    expect(refused.message).toMatch(/could not be read/);
    expect(refused.problem.status).toBe(500);
  });

  it.each([502, 503])("%d is the database away, not a refusal", async (status) => {
    answering({ status });
    const away = (await api.shelf().catch((e: unknown) => e)) as Away;
    expect(away).toBeInstanceOf(Away);
    expect(away.database).toBe(true);
  });

  it("nobody there is the server away, and a question taken back is neither", async () => {
    const broken = new TypeError("network");
    vi.stubGlobal("fetch", vi.fn().mockRejectedValue(broken));
    expect(((await api.shelf().catch((e: unknown) => e)) as Away).database).toBe(false);
    const left = new AbortController();
    left.abort();
    expect(await api.plan({}, left.signal).catch((e: unknown) => e)).toBe(broken);
  });
});
