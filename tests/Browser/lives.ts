import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

/** A run as the core here decided it. With `where`, the screen after each event belongs to it too. */
export type Life = { name: string; plan: string; where?: string; events: string[]; outcomes: string; state: string; finished?: boolean };

/** Lives by the core as it runs here: so many by seed beside the corpus, walks of everything that ships, or walks in which whatever may go wrong does. */
export function lives(which: string): Life[] {
  const lines = execFileSync('php', ['core/tests/Beside/lives.php', which], { encoding: 'utf8', maxBuffer: 256 * 1024 * 1024 });
  return lines
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Life);
}

/** The built module that starts the core beside a page. */
export function coreModule(): string {
  const manifest = JSON.parse(readFileSync('public/build/manifest.json', 'utf8')) as Record<string, { file: string }>;
  return `/build/${manifest['resources/js/core/beside.ts']?.file ?? 'missing'}`;
}
