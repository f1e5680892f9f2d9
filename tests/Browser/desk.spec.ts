import { type Page, expect } from '@playwright/test';
import { accessible, atDesk, newBench, signInAtBench, signInAtDesk, test } from './shop';

/**
 * Everything of a view that a machine can see of accessibility, once: in the light look, and in the dark one, where only
 * colours change, the contrast alone.
 */
async function scan(page: Page): Promise<void> {
  await accessible(page);
  const dark = page.getByRole('button', { name: 'Dark', exact: true });
  if ((await dark.count()) === 0) return;
  await dark.click();
  await accessible(page, 'color-contrast');
  await page.getByRole('button', { name: 'Light', exact: true }).click();
}

test('every view of the desk is accessible in both looks', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  await lead.goto('/builds');
  await expect(lead.getByRole('heading', { name: 'On the stands' })).toBeVisible();
  await scan(lead);
  await lead.goto('/builds/shipped');
  await expect(lead.getByRole('heading', { name: 'Shipped' })).toBeVisible();
  await scan(lead);
  await lead.goto('/builds/subassemblies');
  await expect(lead.getByRole('heading', { name: 'Heads and short blocks' })).toBeVisible();
  await scan(lead);
  await lead.goto('/builds?new');
  await expect(lead.getByRole('heading', { name: 'An engine comes in' })).toBeVisible();
  await scan(lead);
  await lead.goto('/builds');
  await lead
    .getByRole('link', { name: /^TN3-26-0409/ })
    .first()
    .click();
  await expect(lead.getByRole('link', { name: 'Audit sheet', exact: true })).toBeVisible();
  await scan(lead);
  await lead.getByRole('link', { name: 'Audit sheet', exact: true }).click();
  await expect(lead.locator('[data-question=in_window]')).toBeVisible();
  await scan(lead);
  for (const [place, heading] of [
    ['Library', 'Library'],
    ['Job cards', 'Job cards on paper'],
    ['C-0001', 'C-0001'],
    ['Crib', 'Crib'],
    ['Today', 'In doubt until decided'],
    ['People', 'People'],
    ['Shifts and leave', 'Shifts'],
    ['Customers and readers', 'Customers and readers'],
    ['Benches and server', 'Benches'],
    ['The shop', 'The shop'],
  ] as const) {
    await lead.getByRole('link', { name: place, exact: true }).click();
    await expect(lead.getByRole('heading', { name: heading, exact: true })).toBeVisible();
    await scan(lead);
  }
});

test('every view of the crib is accessible in both looks', async ({ browser }) => {
  const keeper = await atDesk(browser, 'crib');
  for (const [place, heading] of [
    ['/crib/table', 'Tools'],
    ['/crib/tools/TW-12', 'TW-12'],
    ['/crib/tools/TW-11/calibrate', 'TW-11'],
    ['/crib/register', 'Register tools'],
    ['/crib/cases', 'Look-back cases'],
    ['/crib/cases/1', 'Case 1'],
    ['/crib/lots', 'Lots'],
    ['/crib/standards', 'Reference standards'],
    ['/crib/served', 'What no tool here can do'],
  ] as const) {
    await keeper.goto(place);
    await expect(keeper.getByRole('heading', { name: heading, exact: true })).toBeVisible();
    await scan(keeper);
  }
});

const editor = (draft: string, ...parts: string[]) => parts.map((part): [string, string] => [`${draft}?part=${part}`, 'Clamp load, by estimate']);

type Seen = { mains: string; draft: string };
/** The library's places by address, and the heading that says each is there. */
const PLACES: Record<string, (seen: Seen) => [string, string][]> = {
  sheets: ({ mains }) => [
    ['/library?state=superseded', 'Library'],
    [mains, 'Fasteners'],
    [`${mains}?view=grounds`, 'Clamp load, by estimate'],
    [`${mains}?view=history`, 'Revisions'],
  ],
  'drawing board': ({ draft }) => editor(draft, 'joint', 'fasteners', 'map', 'orders'),
  editor: ({ draft }) => editor(draft, 'sources', 'rounds', 'checks', 'bench', 'text'),
  registers: () => [
    ['/library/sources', 'Window standards'],
    ['/library/general-tables', 'General tables'],
    ['/library/conflicts', 'Conflicts between sources'],
    ['/library/permits', 'Deviation permits'],
    ['/library/import', 'Import a file'],
  ],
  workbench: () => [
    [
      '/library/workbench?thread=M11x1.5&strength=10.9&condition=engine+oil&torque=29+N%C2%B7m&angle=45%C2%B0&head=hex&bearing=16.4+mm&hole=11.5+mm&grip=54+mm&members=steel',
      'The same torque with something else on it',
    ],
    ['/library/workbench?of=trial&pulls=50+0.142%3B55+0.150%3B60+0.163&low=0.145&high=0.160', 'Workbench'],
    ['/library/workbench?of=pairing&lengths=a+60+mm%3Bb+60.1+mm%3Bc+60.2+mm', 'Workbench'],
  ],
};

for (const [where, places] of Object.entries(PLACES)) {
  test(`the library’s ${where}: every view is accessible in both looks`, async ({ browser }) => {
    const lead = await atDesk(browser, 'lead');
    const { procedures } = (await (await lead.request.get('/api/library?state=approved')).json()) as {
      procedures: { revision: string; joint: string }[];
    };
    const drafts = (await (await lead.request.get('/api/library?state=draft&find=front+gear')).json()) as { procedures: { id: string }[] };
    const seen = {
      mains: `/library/${procedures.find((p) => p.joint === 'Mains')?.revision ?? ''}`,
      draft: `/library/drafts/${drafts.procedures[0]?.id ?? ''}`,
    };
    for (const [address, shown] of places(seen)) {
      await lead.goto(address);
      await expect(lead.getByRole('heading', { name: shown, exact: true })).toBeVisible();
      await expect(lead.getByText('Fetching …')).toHaveCount(0);
      if (address.endsWith('part=rounds')) await lead.locator('ol').getByRole('button', { expanded: false }).first().click();
      for (const more of await lead.getByLabel('Parts of the procedure').locator('summary').all()) await more.click();
      await scan(lead);
    }
  });
}

test('every view of the bench before the work is accessible', async ({ browser }) => {
  const bench = await newBench(browser, 'Bench of the scan');
  await bench.goto('/bench/sign-in');
  await expect(bench.getByRole('button', { name: 'Next' })).toBeVisible();
  await scan(bench);
  await signInAtBench(bench, '1042');
  await scan(bench);
  await bench.goto('/bench/ask');
  await expect(bench.getByRole('heading', { name: 'To what is it tightened?' })).toBeVisible();
  await scan(bench);
  await bench.goto('/bench');
  await bench.getByRole('button', { name: /TN3-26-0409/ }).click();
  await expect(bench.getByRole('button', { name: 'Go on here' })).toBeVisible();
  await scan(bench);
});

test('a reader of one customer sees that customer’s engines only and finds nothing to change', async ({ browser }) => {
  const reader = await atDesk(browser, 'reader');
  await expect(reader.getByRole('heading', { name: 'On the stands' })).toBeVisible();
  await expect(reader.getByRole('link', { name: /^TN3-26-0409/ })).toBeVisible();
  // Another customer's engine on a hook.
  await expect(reader.getByRole('link', { name: /^TN3-26-0417/ })).toHaveCount(0);
  await expect(reader.getByRole('button', { name: 'An engine comes in' })).toHaveCount(0);
  await expect(reader.getByRole('link', { name: 'Crib' })).toHaveCount(0);
  await reader.goto('/audit?serial=0384');
  await reader.getByRole('link', { name: 'TN3-26-0384' }).click();
  await expect(reader.locator('[data-question=in_window]')).toHaveAttribute('data-answer', 'yes');
  await reader.goto('/people');
  await expect(reader.getByText('Your role does not allow this.')).toBeVisible();
});

test('an engine that comes back is asked about and opened as its next build; an open one is refused', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  await lead.getByRole('button', { name: 'An engine comes in' }).click();
  const enter = async (serial: string) => {
    await lead.getByLabel('Serial number, typed or scanned').fill(serial);
    await lead.getByRole('button', { name: 'Put it on a stand' }).click();
  };
  await lead.getByRole('combobox', { name: 'Customer' }).click();
  await lead.getByRole('option', { name: 'Lantern Bay Ferries' }).click();
  await enter('ZZ9-26-0001');
  await expect(lead.getByText('The library has no engine family ZZ9.')).toBeVisible();
  await enter('TN3-26-0402');
  await expect(lead.getByText('TN3-26-0402 is already open. Finish that build before the next one.')).toBeVisible();
  await enter('TN3-26-0317');
  await expect(lead.getByText('TN3-26-0317 was here before: build 1, shipped. Is this its build 2?')).toBeVisible();
  await lead.getByRole('button', { name: 'Yes, open build 2' }).click();
  await expect(lead.getByRole('heading', { name: 'TN3-26-0317, build 2' })).toBeVisible();
});

test('a page that cannot be fetched anew says from when it is, until it can', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  await lead.clock.install();
  const leftOver = lead.getByText(/^The server cannot be reached\. What stands here is of \d/);
  for (const [place, seconds] of [
    ['/builds', 16],
    ['/audit?serial=TN3-26-0402', 3],
  ] as const) {
    await lead.goto(place);
    if (place.startsWith('/audit')) await lead.getByRole('link', { name: 'TN3-26-0402' }).click();
    await expect(lead.getByText('Main caps').first()).toBeVisible();
    await expect(leftOver).toHaveCount(0);
    await lead.context().setOffline(true);
    await lead.clock.fastForward(seconds * 1000);
    await expect(leftOver).toBeVisible();
    await expect(lead.getByText('Main caps').first()).toBeVisible();
    await lead.context().setOffline(false);
    await expect(leftOver).toHaveCount(0);
  }
});

test('the one field finds a serial, a tool, a head marking, a value, a thread and a person by keyboard, and a link asked for is kept over signing in', async ({
  browser,
}) => {
  const lead = await atDesk(browser, 'lead');
  await expect(lead.getByRole('heading', { name: 'On the stands' })).toBeVisible();
  // A scanner types all of it at once, with its Enter.
  await lead.locator('body').press('/');
  await lead.keyboard.type('@STN3-26-0390');
  await lead.keyboard.press('Enter');
  await expect(lead).toHaveURL(/\/audit\//);
  for (const [text, place] of [
    ['TW-07', /\/crib\/tools\/TW-07/],
    ['FW 10.9', /\/library\//],
    // As the screens print it, and as a hand types it.
    ['32 N·m', /\/library\//],
    ['M10x1.5', /\/library\//],
    ['Castrel', /\/people\?person=/],
  ] as const) {
    await lead.locator('body').press('/');
    await lead.keyboard.type(text);
    await expect(lead.getByRole('option').first()).toBeVisible();
    await lead.keyboard.press('Enter');
    await expect(lead).toHaveURL(place);
  }
  await lead.getByRole('button', { name: 'Sign out' }).click();
  await expect(lead.getByRole('heading', { name: 'At a desk' })).toBeVisible();
  await lead.goto('/crib/tools/TW-09');
  await expect(lead.getByRole('heading', { name: 'At a desk' })).toBeVisible();
  await lead.getByLabel('Name').fill('lead');
  await lead.getByLabel('Password').fill('wrong');
  await lead.getByRole('button', { name: 'Sign in' }).click();
  await expect(lead.getByText('Name and password do not belong together. Check both and try again.')).toBeVisible();
  await lead.getByLabel('Password').fill('fenmoor');
  await lead.getByRole('button', { name: 'Sign in' }).click();
  await expect(lead).toHaveURL(/\/crib\/tools\/TW-09/);
  await signInAtDesk(lead, 'crib');
  await expect(lead).toHaveURL(/\/today$/);
});

test('a scanner that types faster than the screen is drawn loses no letter and no filter', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  const cdp = await lead.context().newCDPSession(lead);

  await lead.goto('/audit');
  const serial = lead.getByLabel('Serial number or a part of it, typed or scanned');
  await expect(lead.getByRole('table')).toBeVisible();
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 8 });
  await serial.pressSequentially('TN3-26-0291');
  await expect(lead.getByRole('row')).toHaveCount(3);
  await expect(serial).toHaveValue('TN3-26-0291');
  expect(new URL(lead.url()).search).toBe('?serial=TN3-26-0291');

  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await lead.goto('/library?state=in_review');
  const find = lead.getByLabel('Find procedures');
  await expect(lead.getByRole('status')).toContainText('procedure');
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 8 });
  await find.pressSequentially('48 N·m');
  await expect(find).toHaveValue('48 N·m');
  await find.clear();
  await lead.getByRole('combobox', { name: 'Family' }).click();
  await lead.getByRole('option', { name: 'Wick WV9' }).click();
  await expect.poll(() => [...new URL(lead.url()).searchParams.keys()].sort()).toEqual(['family', 'state']);
});

test('who decides at a bench and never signs in there sets the PIN at a desk, behind the own name', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  await lead.getByRole('button', { name: 'Ansa Kettleby, quality lead' }).click();
  await lead.getByLabel('New PIN').fill('111111');
  await expect(lead.getByRole('button', { name: 'Set it' })).toBeDisabled();
  await lead.getByLabel('Once more').fill('111112');
  await expect(lead.getByText('The two differ.')).toBeVisible();
  await lead.getByLabel('Once more').fill('111111');
  await lead.getByLabel('Your password', { exact: true }).fill('fenmoor');
  await lead.getByRole('button', { name: 'Set it' }).click();
  await expect(lead.getByRole('alert')).toContainText('One digit over and over is guessed first.');
  await expect(lead.getByLabel('New PIN')).toHaveValue('111111');
  await accessible(lead);
});
