// Bundles openapi/<area>.yaml into openapi/openapi.yaml and generates resources/js/api/types.ts from it.
// With --check it writes nothing and fails when either differs from what it would write.
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import openapiTS, { astToString } from 'openapi-typescript';
import ts from 'typescript';
import { parse, stringify } from 'yaml';

const BUNDLE = 'openapi/openapi.yaml';
const TYPES = 'resources/js/api/types.ts';
const FILE = ts.factory.createTypeReferenceNode('Blob');
const HEAD = 'Made by bin/tekkal contract from openapi/<area>.yaml; edit those.';

/** An area's file names another's schemas by file; in the bundle all stand in one. */
function inOneFile(value) {
  if (Array.isArray(value)) return value.map(inOneFile);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).map(([key, v]) => [key, key === '$ref' ? v.replace(/^[a-z-]+\.yaml(?=#)/, '') : inOneFile(v)]));
}

function merge(into, from, area, what) {
  for (const [name, value] of Object.entries(from ?? {})) {
    if (name in into) throw new Error(`${what} ${name} stands in ${area} and in another area's file`);
    into[name] = value;
  }
}

/** What the client uses: the shapes of what goes over the wire, and which path asks for and answers with which. */
async function types(bundle) {
  const transform = (schema) => (schema.format === 'binary' ? FILE : undefined);
  const nodes = await openapiTS(bundle, { rootTypes: true, rootTypesNoSchemaPrefix: true, transform });
  const used = nodes.filter((node) => !['webhooks', '$defs'].includes(node.name?.text));
  return `/* ${HEAD} */\n${astToString(used)}`;
}

const files = readdirSync('openapi')
  .filter((f) => f.endsWith('.yaml') && f !== 'openapi.yaml')
  .sort();
const shared = inOneFile(parse(readFileSync('openapi/shared.yaml', 'utf8')));
const bundle = { ...shared, paths: {}, components: { schemas: {}, responses: {} } };
for (const file of files) {
  const area = inOneFile(parse(readFileSync(`openapi/${file}`, 'utf8')));
  for (const path of Object.values(area.paths ?? {})) for (const operation of Object.values(path)) operation.tags = [file.replace('.yaml', '')];
  merge(bundle.paths, area.paths, file, 'path');
  for (const kind of ['schemas', 'responses']) merge(bundle.components[kind], area.components?.[kind], file, kind);
}

const wanted = { [BUNDLE]: `# ${HEAD}\n${stringify(bundle, { lineWidth: 140 })}`, [TYPES]: await types(bundle) };
const stale = Object.entries(wanted).filter(([file, text]) => !existsSync(file) || readFileSync(file, 'utf8') !== text);
if (process.argv.includes('--check')) {
  for (const [file] of stale) console.error(`${file} is not what openapi/ says. Run bin/tekkal contract and commit it.`);
  process.exit(stale.length === 0 ? 0 : 1);
}
for (const [file, text] of stale) writeFileSync(file, text);
console.log(stale.length === 0 ? 'The contract was up to date.' : `Written: ${stale.map(([file]) => file).join(', ')}`);
