// Four clients that write dishes and keep what was answered; then whether all of that is there.
import { appendFileSync, readFileSync } from "node:fs";

const address = `http://127.0.0.1:${process.env.NABE_PORT}`;
const [what, file, rounds] = process.argv.slice(2);
const json = { "Content-Type": "application/json" };
const brief = (client, n) =>
  JSON.stringify({ recipe: { text: `Bake ${client}\n\n400 g pasta\n${n + 1} g salt\n\nBoil the pasta. Bake at 180C for 20 minutes.` }, notes: `${client}/${n}` });

async function client(name) {
  let dish = null;
  for (let n = 0; ; n++) {
    try {
      const answer = dish
        ? await fetch(`${address}/api/dishes/${dish.id}`, { method: "PUT", headers: { ...json, "If-Match": dish.etag }, body: brief(name, n) })
        : await fetch(`${address}/api/dishes`, { method: "POST", headers: json, body: brief(name, n) });
      if (answer.ok) {
        const kept = await answer.json();
        dish = { id: kept.id, etag: answer.headers.get("ETag") };
        appendFileSync(file, `${kept.id} ${kept.version} ${name}/${n}\n`);
      } else if (answer.status === 409 || answer.status === 412) {
        dish = null;
      }
    } catch {
      await new Promise((r) => setTimeout(r, 50));
    }
  }
}

async function check() {
  const said = readFileSync(file, "utf8").trim().split("\n").map((l) => l.split(" "));
  const ids = new Set(said.map(([id]) => id));
  const there = new Map();
  for (const id of ids) {
    const answer = await fetch(`${address}/api/dishes/${id}/revisions`);
    for (const r of answer.ok ? await answer.json() : []) there.set(`${id} ${r.number}`, r.brief.notes);
  }
  const lost = said.filter(([id, version, notes]) => there.get(`${id} ${version}`) !== notes);
  console.log(`durability: ${rounds} kills, ${said.length} revisions answered in ${ids.size} dishes, ${lost.length} lost`);
  process.exit(lost.length === 0 ? 0 : 1);
}

if (what === "write") await Promise.all(["a", "b", "c", "d"].map(client));
else await check();
