import { type Page, expect } from '@playwright/test';
import { PIN, enterBadge, stampOnMetal } from './shop';

/** What stands on a bench's screen for whoever reads it: nothing of the procedure is known here. */
type Seen = {
  title: string;
  says: string;
  fields: { label: string; row: string; aim: string }[];
  timer: string;
  offer: string;
  badge: 'own' | 'second' | 'signs' | null;
  /** What a stop offers first; null where nothing has stopped. */
  stop: string | null;
  /** The lead's sheet lies over it: a word is chosen, or signed. */
  lead: 'chooses' | 'signs' | null;
  /** Something has to be read before anything goes on. */
  notice: boolean;
  enter: 'live' | 'dead' | 'none';
  number: string;
  all: string;
};

const seen = (page: Page): Promise<Seen> =>
  page.evaluate(() => {
    const text = (of: Element | null | undefined) => (of instanceof HTMLElement ? of.innerText.replace(/\s+/g, ' ').trim() : '');
    const main = document.querySelector('main');
    const entry = document.querySelector<HTMLInputElement>('#bench-entry');
    const keys = [...document.querySelectorAll('button')].filter((b) => text(b.querySelector('kbd')) !== '');
    const capped = (cap: RegExp) => keys.find((b) => cap.test(text(b.querySelector('kbd'))));
    const enter = capped(/^Enter$/);
    return {
      title: text(document.querySelector('h1')),
      says: text(main),
      fields: [...document.querySelectorAll('main label')]
        .filter((l) => l.querySelector('input') !== null)
        .map((l) => ({
          label: l.querySelector('span')?.textContent ?? '',
          row: text(l),
          // The number of a part of the screen is for its first field.
          aim:
            l.closest('section')?.querySelector('label:has(input)') === l
              ? (l.closest('section')?.querySelector('[aria-label^="Reach "]')?.getAttribute('aria-label')?.split(' ')[1] ?? '')
              : '',
        })),
      stop: document.querySelector('[data-shape]') === null ? null : text(capped(/^\*$/)),
      lead: document.querySelector('[role=dialog] main') === null ? null : entry === null ? 'chooses' : 'signs',
      notice: keys.some((b) => /I have read it/.test(text(b)) && text(b.querySelector('kbd')) === '*'),
      timer: document.querySelector('[role=timer]')?.getAttribute('aria-label') ?? '',
      offer: text(capped(/^1$/)),
      badge:
        entry === null
          ? null
          : [...document.querySelectorAll('[role=dialog] h2')].some((h) => text(h) === 'This bench is locked')
            ? 'own'
            : entry.labels?.[0]?.textContent === 'Your PIN'
              ? 'signs'
              : 'second',
      enter: enter === undefined ? 'none' : enter.disabled ? 'dead' : 'live',
      number: text(capped(/^\d$/)?.querySelector('kbd')),
      all: text(document.body),
    };
  });

/** The screen once it stands still: what a jump of the clock brings up – a lock, what has settled – may still be on its way. */
async function still(page: Page): Promise<Seen> {
  let before = '';
  for (;;) {
    const now = await seen(page);
    if (JSON.stringify(now) === before) return now;
    before = JSON.stringify(now);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

const FREE_LENGTH: Record<string, string> = { mm: '80.00', in: '2.0000' };

/** The lead's badge. */
const LEAD = '1001';

/** Whose hand it is, who is called for a second one, and what the scales of its wrenches were last set to. */
export type Hand = { own: string; second: string; scales: Map<string, string>; unheard?: number };

/** For so long one waits for a screen to go on. */
const WAIT_MS = 30_000;

/** A scale shows what it was set to. */
function scaleOf(hand: Hand, label: string, value: string): string {
  const tool = /^What the scale of (\S+) shows/.exec(label)?.[1];
  if (tool === undefined) return value;
  if (label.includes(' shows now')) return hand.scales.get(tool) ?? value;
  hand.scales.set(tool, value);
  return value;
}

/** What a good hand puts into a field: the number to reach, else a limit, else what it was before; words as they are asked for. */
function good(field: Seen['fields'][number], says: string): string {
  const unit = /in (\S+)$/.exec(field.label)?.[1];
  if (/What was put in/.test(field.label)) return 'insert';
  if (unit === undefined) return /lot/i.test(field.label) ? 'L-104' : (/“(.+?)”/.exec(says)?.[1] ?? 'K7');
  const aim = /^[\d./]+/.exec(field.aim)?.[0];
  const limit = /(?:good from|at least|at most) ([\d./]+)/.exec(field.row)?.[1];
  const before = /It was ([\d./]+)/.exec(says)?.[1];
  // Where the whole fastener is measured, the number to reach is its stretch, and the field wants its length.
  const reaches = aim !== undefined && (limit === undefined || Number(aim) >= Number(limit));
  return (reaches ? aim : undefined) ?? before ?? limit ?? FREE_LENGTH[unit] ?? '1';
}

const seconds = (timer: string): number => {
  const [, minutes, rest] = /(\d+):(\d+)/.exec(timer) ?? ['', '0', '0'];
  return Number(minutes) * 60 + Number(rest);
};

async function pad(page: Page, keys: string): Promise<void> {
  await page.keyboard.type(keys);
  await page.keyboard.press('Enter');
}

/** Answers what the screen asks for, by the keys that stand on it; true when the job is finished. The page's clock is a pretended one. */
export async function answerCall(page: Page, hand: Hand): Promise<boolean> {
  // Nobody pulls twice within a moment, and what settles takes its time; meanwhile the bench may lock itself.
  await page.clock.fastForward(1_000 * (4 + seconds((await seen(page)).timer)));
  const now = await still(page);
  if (now.title.endsWith(': finished')) return true;
  // What has only just come up takes no key for a moment, nor does anything beneath a sheet that is still closing.
  if (now.lead === null && now.badge === null) await expect(page.locator('[role=dialog]')).toHaveCount(0);
  await page.clock.fastForward(1_000);
  if (now.lead === 'chooses') await page.keyboard.press('1');
  else if (now.lead === 'signs') await enterBadge(page, LEAD);
  else if (now.notice) await page.keyboard.press('*');
  else if (now.stop !== null) await putRight(page, now, hand);
  else if (now.badge === 'signs') await pad(page, PIN);
  else if (now.badge) await enterBadge(page, hand[now.badge]);
  else if (now.title.startsWith('Take ')) await pad(page, '1');
  else if (now.title.startsWith('What is stamped')) await pad(page, await stampOnMetal(page));
  else if (now.fields.length > 0) await fill(page, now, hand);
  else if (now.enter !== 'none') await enterOnceLive(page, now);
  else if (now.number !== '') await page.keyboard.press(now.number);
  else throw new Error(`Nothing here can be answered: ${now.all}`);
  // The lead's word and a badge are done with when they are asked for no longer; all else when the screen says something else.
  const told = ({ badge, lead, says }: Seen) => lead ?? (now.badge ? badge : says);
  const goesOn = expect.poll(async () => told(await seen(page)), { message: `after ${now.title}: ${now.says}`, timeout: WAIT_MS }).not.toBe(told(now));
  hand.unheard = await goesOn.then(
    () => 0,
    () => (hand.unheard ?? 0) + 1,
  );
  // A key that was not heard is pressed once more, as anybody would; twice unheard, it is a screen that cannot be answered.
  expect(hand.unheard, `after ${now.title}: ${now.says}`).toBeLessThan(2);
  return false;
}

/** What a stop asks for is done with the metal, and its key says so. */
async function putRight(page: Page, now: Seen, hand: Hand): Promise<void> {
  for (const field of now.fields) if (!field.row.includes('if it was read')) await page.keyboard.type(scaleOf(hand, field.label, good(field, now.says)));
  await page.keyboard.press('*');
}

async function fill(page: Page, now: Seen, hand: Hand): Promise<void> {
  for (const [i, field] of now.fields.entries()) {
    if (!field.row.includes('if it was read')) await page.keyboard.type(scaleOf(hand, field.label, good(field, now.says)));
    if (i < now.fields.length - 1 && !now.fields[i + 1]?.row.includes('if it was read')) await page.keyboard.press('Enter');
  }
  await page.keyboard.press('Enter');
}

/** Enter, once it takes one. Where the screen has turned into another meanwhile, that one is looked at anew. */
async function enterOnceLive(page: Page, asked: Seen): Promise<void> {
  let there = asked;
  const settled = async () => {
    there = await seen(page);
    return there.enter !== 'dead' || another(there, asked);
  };
  await expect.poll(settled, { message: `Enter on ${asked.title}: ${asked.says}` }).toBe(true);
  if (there.enter === 'live' && !another(there, asked)) await page.keyboard.press('Enter');
}

const another = (there: Seen, asked: Seen): boolean =>
  there.title !== asked.title || there.lead !== asked.lead || there.badge !== asked.badge || there.stop !== asked.stop || there.notice !== asked.notice;
