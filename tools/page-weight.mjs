// Script and style sent to the browser, gzipped as the server sends them.
import { readdirSync, readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import { join } from "node:path";

const folder = join(process.argv[2], "assets");
const bytes = readdirSync(folder).filter((f) => /\.(js|css)$/.test(f))
  .map((f) => gzipSync(readFileSync(join(folder, f))).length).reduce((a, b) => a + b, 0);
console.log(`script and style, gzipped           ${(bytes / 1000).toFixed(1)} kB (wanted under 250)`);
