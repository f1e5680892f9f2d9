// Writes what follows from the core's declarations of the kinds of stage and of the events: their part of the published
// schema, what the editor knows of them, and the reference pages docs/formats/procedure.md (from the schema) and events.md. With --check it only says what
// is not as it should be.
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

const PAGE = 'docs/formats/procedure.md';
const EVENTS = 'docs/formats/events.md';
const SCHEMA = 'docs/formats/procedure.schema.json';
const KINDS = 'resources/js/lib/stage-kinds.ts';
const declared = JSON.parse(execFileSync('php', ['core/bin/door.php', 'schema'], { encoding: 'utf8' }));
const schema = JSON.parse(readFileSync(SCHEMA, 'utf8'));

// Each stands where its first one stood, so that the page keeps its order.
const others = Object.entries(schema.$defs).filter(([key]) => !key.startsWith('stage_') && key !== 'stage');
const after = Object.keys(schema.$defs).findIndex((key) => key.startsWith('stage_'));
schema.$defs = Object.fromEntries([...others.slice(0, after), ...Object.entries(declared.definitions), ...others.slice(after)]);

const plain = (key) => key.replace(/^(stage|check)_(.+)$/, '$2 ($1)').replaceAll('_', ' ');
const link = (key) => `[${plain(key)}](#${plain(key).replaceAll(' ', '-').replace(/[()]/g, '')})`;

/** What may stand in a field, with links to what has a heading of its own. */
function holds(field) {
  if (field.$ref) return link(field.$ref.replace('#/$defs/', ''));
  if ('const' in field) return `\`${JSON.stringify(field.const)}\``;
  if (field.enum) return field.enum.map((value) => `\`${value}\``).join(' · ');
  if (field.oneOf) return field.oneOf.map(holds).join(' or ');
  if (field.type === 'array') return `list of ${holds(field.items)}`;
  if (field.type === 'integer') return `whole number ${field.minimum}–${field.maximum}`;
  return field.type === 'boolean' ? 'true or false' : 'text';
}

function row([name, field], wanted) {
  const absent = 'default' in field ? ` Absent: \`${JSON.stringify(field.default)}\`.` : '';
  return `| \`${name}\` | ${wanted.includes(name) ? 'wanted' : ''} | ${holds(field)} | ${((field.description ?? '') + absent).replaceAll('|', '\\|')} |`;
}

function section(heading, thing) {
  const lines = ['', `## ${heading}`, '', thing.description ?? ''];
  if (thing.examples) lines.push('', `For example ${thing.examples.map((example) => `\`${example}\``).join(', ')}.`);
  if (thing.properties) {
    lines.push('', '| field | | holds | meaning |', '|---|---|---|---|', ...Object.entries(thing.properties).map((field) => row(field, thing.required ?? [])));
  } else if (thing.oneOf) {
    lines.push('', `One of ${thing.oneOf.map(holds).join(', ')}.`);
  }
  return lines.join('\n');
}

const page = [
  '# The procedure language',
  '',
  'Made from [procedure.schema.json](procedure.schema.json) (JSON Schema 2020-12) by `bin/tekkal contract`; change it there.',
  'The schema says what a document may look like. `bin/tekkal core check FILE` reads one and names every problem with its place, among them what a schema cannot say: a sequence with a gap, a turn that nothing leads up to, checks that wait for each other, a target outside its window.',
  '[examples](examples/) holds procedures to learn from, simplest first: 10, 02, 04, 05, 01.',
  section('document', schema),
  ...Object.entries(schema.$defs).map(([key, thing]) => section(plain(key), thing)),
  '',
].join('\n');

const wanted = {
  [EVENTS]: declared.events,
  [SCHEMA]: `${JSON.stringify(schema, null, 1)}\n`,
  [KINDS]: `/* Made by bin/tekkal contract from the core's declarations of the kinds of stage; change those. */\nexport const STAGE_KINDS = ${JSON.stringify(declared.kinds, null, 2)} as const;\n`,
  [PAGE]: page,
};
const stale = Object.entries(wanted).filter(([file, text]) => !existsSync(file) || readFileSync(file, 'utf8') !== text);
if (process.argv.includes('--check')) {
  for (const [file] of stale) console.error(`${file} is not what the core declares. Run bin/tekkal contract and commit it.`);
  process.exit(stale.length === 0 ? 0 : 1);
}
for (const [file, text] of stale) writeFileSync(file, text);
