// The script that the first page loads, and what each further place adds, gzip, from Vite's manifest. Prints JSON.
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const manifest = JSON.parse(readFileSync('public/build/manifest.json', 'utf8'));
const entry = Object.values(manifest).find((chunk) => chunk.isEntry);
const size = (file) => gzipSync(readFileSync(`public/build/${file}`), { level: 6 }).length;

function files(chunk, seen = new Set()) {
  if (seen.has(chunk.file)) return seen;
  seen.add(chunk.file);
  for (const name of chunk.imports ?? []) files(manifest[name], seen);
  return seen;
}

const first = files(entry);
const total = [...first].reduce((sum, file) => sum + size(file), 0);
const places = Object.fromEntries(
  (entry.dynamicImports ?? []).map((name) => {
    const added = [...files(manifest[name])].filter((file) => !first.has(file));
    return [name.replace(/^resources\/js\/areas\/|\/index\.ts$/g, ''), added.reduce((sum, file) => sum + size(file), 0) / 1000];
  }),
);
console.log(JSON.stringify({ first_kb: total / 1000, places_kb: places }));
