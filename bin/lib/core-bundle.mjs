// Builds what runs the core beside a page: the core as one PHP file, known by its hash, and PHP as WebAssembly. Nothing of
// the server is in it. node bin/lib/core-bundle.mjs FOLDER
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { copyFileSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';

const folder = process.argv[2] ?? 'public/core';
const runtime = 'node_modules/php-wasm';
const version = JSON.parse(readFileSync(`${runtime}/package.json`, 'utf8')).version;
const modules = [
  'PhpWeb.mjs',
  'PhpBase.mjs',
  'OutputBuffer.mjs',
  '_Event.mjs',
  'fsOps.mjs',
  'resolveDependencies.mjs',
  'webTransactions.mjs',
  'php8.2-web.mjs',
];

const core = execFileSync('php', ['core/bin/bundle.php'], { maxBuffer: 64 * 1024 * 1024 });
const hash = createHash('sha256').update(version).update('\0').update(core).digest('hex');
// The build of PHP says which of the package's files is its own.
const [wasm] = /[0-9a-f]{40}\.wasm/.exec(readFileSync(`${runtime}/php8.2-web.mjs`, 'utf8'));
mkdirSync(`${folder}/php-${version}`, { recursive: true });
for (const file of [...modules, wasm, 'LICENSE', 'NOTICE']) copyFileSync(`${runtime}/${file}`, `${folder}/php-${version}/${file}`);
writeFileSync(`${folder}/core-${hash.slice(0, 16)}.php.txt`, core);
writeFileSync(`${folder}/bundle.json`, `${JSON.stringify({ hash, core: `core-${hash.slice(0, 16)}.php.txt`, runtime: `php-${version}/PhpWeb.mjs` })}\n`);
console.log(`${folder}: ${hash}, ${readdirSync(folder).length} files`);
