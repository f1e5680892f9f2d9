// The typeface of the screens as papers need it: one file for each weight. node bin/lib/paper-typeface.mjs FOLDER
import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import subsetFont from 'subset-font';

const folder = process.argv[2];
const whole = readFileSync('node_modules/@fontsource-variable/archivo/files/archivo-latin-wght-normal.woff2');
// What it has of these; the rest is set in another one.
const signs = Array.from({ length: 0x2fe0 }, (_, i) => String.fromCodePoint(i + 0x20)).join('');
mkdirSync(folder, { recursive: true });
copyFileSync('node_modules/@fontsource-variable/archivo/LICENSE', `${folder}/LICENSE`);
for (const weight of [400, 700]) {
  writeFileSync(`${folder}/archivo-${String(weight)}.ttf`, await subsetFont(whole, signs, { targetFormat: 'truetype', variationAxes: { wght: weight } }));
}
