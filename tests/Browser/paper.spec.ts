import { type Page, expect } from '@playwright/test';
import { type Hand, answerCall } from './hand';
import { accessible, atDesk, coreReady, engineFor, newBench, newSerial, signInAtBench, test, type } from './shop';

test.use({ actionTimeout: 15_000 });

/** More calls than a small joint has. */
const MOST = 80;

/** Answers what stands on the card by what is good, until the screen says this. */
async function typedUntil(bench: Page, hand: Hand, title: RegExp): Promise<void> {
  const heading = bench.getByRole('heading', { level: 1 });
  for (let calls = 0; !title.test((await heading.textContent()) ?? ''); calls++) {
    expect(calls).toBeLessThan(MOST);
    await answerCall(bench, hand);
  }
}

/** The card lies beside the bench: its number is typed at the hook, and it is typed in. */
async function takeUp(bench: Page, card: string): Promise<void> {
  await bench.goto('/bench');
  await bench.getByLabel('Scan a serial').fill(card);
  await bench.keyboard.press('Enter');
  await expect(bench.getByRole('heading', { name: `Card ${card}` })).toBeVisible();
  await accessible(bench);
  await bench.getByRole('button', { name: 'Type it in' }).click();
  await expect(bench.getByText(`From card ${card}`)).toBeVisible();
  await coreReady(bench);
}

test('a card is printed, worked on paper, typed in by one and compared by another, who finds a value that differs', async ({ browser }) => {
  const serial = newSerial();
  const lead = await atDesk(browser, 'lead');
  await engineFor(lead, serial, 'Juno Castrel');
  await lead.getByRole('button', { name: 'Put it on paper' }).click();
  await expect(lead.getByText('It is on paper at a bench.')).toBeVisible();
  const card = (await lead.getByRole('heading', { level: 1 }).textContent()) ?? '';
  const paper = await lead.request.get(`/api/cards/${card}/paper.pdf`);
  expect((await paper.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await accessible(lead);

  // Worked at the bench with a pencil, it comes back.
  await lead.getByRole('button', { name: 'It is back' }).click();
  await expect(lead.getByRole('combobox', { name: 'Signed by' })).toHaveText(/Juno Castrel/);
  await lead.getByRole('dialog').getByRole('button', { name: 'It is back' }).click();
  await expect(lead.getByText(`type ${card}`)).toBeVisible();
  await lead.getByRole('button', { name: 'Attach the scan' }).click();
  await lead.getByLabel('PDF, PNG or JPEG, at most 20 MB').setInputFiles({ name: 'card.png', mimeType: 'image/png', buffer: await lead.screenshot() });
  await lead.getByRole('button', { name: 'Keep it' }).click();
  await expect(lead.getByRole('link', { name: 'Save the scan' })).toBeVisible();

  // One types it in, who need not be whose job it was.
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1041');
  await bench.clock.install();
  const hand: Hand = { own: '1041', second: '1043', scales: new Map() };
  await takeUp(bench, card);
  await typedUntil(bench, hand, /^Take a torque wrench/);
  await type(bench, 'TW-04');
  await expect(bench.getByRole('heading', { name: /^Bolt 1\b/ })).toBeVisible();
  await bench.clock.fastForward(5_000);
  await type(bench, '31.3');
  await expect(bench.getByRole('note')).toHaveText(/31\.3.N·m, in/);
  await typedUntil(bench, hand, new RegExp(`^Card ${card} ends here`));
  await accessible(bench);
  await bench.clock.fastForward(2_000);
  await bench.getByRole('button', { name: 'The card is typed in' }).click();
  await expect(bench.getByRole('heading', { name: 'Somebody else compares it' })).toBeVisible();

  // Another holds it against the card: Enter for the same, D for the one that differs.
  await lead.reload();
  await expect(lead.getByRole('img', { name: `Scan of card ${card}` })).toBeVisible();
  const left = lead.getByText(/left to hold against the card/);
  await expect(lead.getByRole('button', { name: /no\. 1: the same$/ }).first()).toBeFocused();
  await lead.keyboard.press('d');
  while (await left.isVisible()) await lead.keyboard.press('Enter');
  await accessible(lead);
  await lead.getByRole('button', { name: /^1 of \d+ differ$/ }).click();
  await expect(lead.getByText('the card says otherwise')).toBeVisible();

  // It is taken back, typed anew from the card, and compared once more.
  await bench.clock.fastForward(20_000);
  await bench.getByRole('button', { name: /typed as 31\.3/ }).click();
  await bench.getByRole('button', { name: 'Wrong key' }).click();
  await expect(bench.getByRole('heading', { name: /^Bolt 1\b/ })).toBeVisible();
  await takeUp(bench, card);
  await expect(bench.getByRole('heading', { name: /^Bolt 1\b/ })).toBeVisible();
  await bench.clock.fastForward(5_000);
  await type(bench, '32.3');
  await typedUntil(bench, hand, new RegExp(`^Card ${card} ends here`));
  await bench.clock.fastForward(2_000);
  await bench.getByRole('button', { name: 'The card is typed in' }).click();
  await lead.reload();
  await expect(lead.getByText(/32\.3.N·m/)).toBeVisible();
  // The bench goes on before the server has it: there is nothing to answer here until it has.
  await expect(lead.getByRole('button', { name: /no\. 1: the same$/ })).toBeFocused();
  await lead.keyboard.press('Enter');
  await lead.getByRole('button', { name: 'All 1 are as the card has them' }).click();
  await expect(lead.getByText('known as copied from paper, for ever')).toBeVisible();

  // Then it is signed; and the audit knows from where it has it.
  await bench.clock.fastForward(20_000);
  await expect(bench.getByText(`What was done on paper stands here as card ${card} has it`)).toBeVisible();
  await type(bench, '314159');
  await expect(bench.getByRole('heading', { name: /: finished$/ })).toBeVisible();
  await lead.getByRole('link', { name: serial }).click();
  await lead.getByRole('link', { name: 'Audit sheet' }).click();
  await expect(lead.getByText(/\d+ copied from paper and in/)).toBeVisible();
  await expect(lead.getByRole('link', { name: `Card ${card}` })).toBeVisible();
});
