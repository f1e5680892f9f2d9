// Tells the boundary rule which file an import means: "@/" is resources/js, and endings are left out.
// (The usual resolver package cannot be installed here: platform parts of its dependency are missing from the registry.)
const { existsSync, statSync } = require('node:fs');
const { dirname, join, resolve } = require('node:path');

exports.interfaceVersion = 2;

exports.resolve = (source, file) => {
  if (!source.startsWith('@/') && !source.startsWith('.')) return { found: false };
  const base = source.startsWith('@/') ? join(__dirname, 'resources/js', source.slice(2)) : resolve(dirname(file), source);
  const path = [base, `${base}.ts`, `${base}.tsx`, join(base, 'index.ts')].find((candidate) => existsSync(candidate) && statSync(candidate).isFile());
  return path === undefined ? { found: false } : { found: true, path };
};
