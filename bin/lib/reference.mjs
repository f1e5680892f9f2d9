// Writes docs/formats/procedure.md, the reference page of the procedure language, from its published schema; with --check
// it only says whether the page is the schema's.
import { readFileSync, writeFileSync } from 'node:fs';

const PAGE = 'docs/formats/procedure.md';
const schema = JSON.parse(readFileSync('docs/formats/procedure.schema.json', 'utf8'));

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

if (process.argv.includes('--check')) {
  if (readFileSync(PAGE, 'utf8') !== page) {
    console.error(`${PAGE} is not the schema's; run bin/tekkal contract.`);
    process.exit(1);
  }
} else {
  writeFileSync(PAGE, page);
}
