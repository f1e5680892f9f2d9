import { useQuery } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { Link, Route, Routes } from 'react-router';
import { expect, test, vi } from 'vitest';
import { Problem } from '@/lib/problem';
import { Cell } from '@/ui/Cell';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { JointMap } from '@/ui/JointMap';
import { Panel } from '@/ui/Panel';
import { type Hit, ScanField } from '@/ui/ScanField';
import { ScreenOutlet } from '@/ui/ScreenOutlet';
import { Select } from '@/ui/Select';
import { useDrag } from '@/ui/useDrag';
import { SHEET } from './run-sheet';
import { inApp } from './server';

function Broken(): never {
  throw new Error('a list was expected');
}

test('a screen that breaks says so within its frame, and the next address shows its own', async () => {
  const logged = vi.spyOn(console, 'error').mockImplementation(() => undefined);
  render(
    inApp(
      <>
        <Link to="/whole">Builds</Link>
        <Routes>
          <Route element={<ScreenOutlet />}>
            <Route path="/" element={<Broken />} />
            <Route path="/whole" element={<p>All engines</p>} />
          </Route>
        </Routes>
      </>,
    ),
  );
  expect(screen.getByRole('heading').textContent).toBe('This screen cannot be shown');
  expect(screen.getByRole('alert').textContent).toContain('a list was expected');
  await userEvent.click(screen.getByRole('link', { name: 'Builds' }));
  expect(screen.getByText('All engines')).toBeTruthy();
  expect(screen.queryByRole('alert')).toBeNull();
  logged.mockRestore();
});

test('what a caller adds to an input never takes away what the input is made of', async () => {
  const typed = vi.fn();
  const chosen = vi.fn();
  // A caller that hands on the properties of something else, as a form library would.
  const handed = { id: 'theirs', onChange: vi.fn() };
  render(
    <>
      <Cell label="Target" onType={typed} {...handed} />
      <Select label="Kind" options={[{ value: 'a', text: 'one' }]} value="" onValueChange={chosen} {...handed} />
      <Field label="Serial" error="There is no such serial." {...handed} />
    </>,
  );
  fireEvent.change(screen.getByLabelText('Target'), { target: { value: '32' } });
  expect(typed).toHaveBeenCalledWith('32');
  await userEvent.selectOptions(screen.getByLabelText('Kind'), 'a');
  expect(chosen).toHaveBeenCalledWith('a');
  expect(screen.getByLabelText('Serial').getAttribute('aria-describedby')).toContain('note');
});

const HITS: Hit[] = ['TW-04', 'TW-07', 'TW-09'].map((key) => ({ key, kind: 'tool', title: key, about: 'torque wrench' }));

/** The field as the desk has it: what is typed is asked for, and may take its time. */
function Finder({ found, onChoose }: { found: Hit[] | null; onChoose: (key: string) => void }) {
  const [text, setText] = useState('');
  return <ScanField value={text} onChange={setText} hits={found ?? []} busy={found === null} onChoose={onChoose} placeholder="tool" />;
}

test('a scan that ends before anything is found is carried out as soon as it is', async () => {
  const onChoose = vi.fn();
  const { rerender } = render(<Finder found={null} onChoose={onChoose} />);
  await userEvent.type(screen.getByRole('combobox'), 'TW-04{Enter}');
  expect(onChoose).not.toHaveBeenCalled();
  expect(screen.getByText('Looking …')).toBeTruthy();

  rerender(<Finder found={HITS} onChoose={onChoose} />);
  expect(onChoose.mock.calls).toEqual([['TW-04']]);
  rerender(<Finder found={[...HITS]} onChoose={onChoose} />);
  expect(onChoose).toHaveBeenCalledTimes(1);
});

test.each(['{Escape}', '0'])('a scan that is given up with %s before anything is found opens nothing', async (key) => {
  const onChoose = vi.fn();
  const { rerender } = render(<Finder found={null} onChoose={onChoose} />);
  await userEvent.type(screen.getByRole('combobox'), `TW-04{Enter}${key}`);

  rerender(<Finder found={HITS} onChoose={onChoose} />);
  expect(onChoose).not.toHaveBeenCalled();
});

test('arrows go through what was found and stop at its ends; a slash brings the cursor, but not out of another field', async () => {
  const onChoose = vi.fn();
  render(
    <>
      <Finder found={HITS} onChoose={onChoose} />
      <Field label="Reason" />
    </>,
  );
  const field = screen.getByRole('combobox');
  await userEvent.type(screen.getByLabelText('Reason'), 'a/b');
  expect(screen.getByLabelText('Reason')).toHaveProperty('value', 'a/b');
  screen.getByLabelText('Reason').blur();
  await userEvent.keyboard('/');
  expect(document.activeElement).toBe(field);

  await userEvent.keyboard('TW{ArrowDown}{ArrowDown}{ArrowDown}{ArrowDown}');
  expect(screen.getByRole('option', { selected: true }).textContent).toContain('TW-09');
  await userEvent.keyboard('{ArrowUp}{Enter}');
  expect(onChoose.mock.calls).toEqual([['TW-07']]);
});

test('nothing found is said', async () => {
  render(<Finder found={[]} onChoose={vi.fn()} />);
  await userEvent.type(screen.getByRole('combobox'), 'zz{Enter}');
  expect(screen.getByText('Nothing here has that.')).toBeTruthy();
});

function Shown({ list, onDone }: { list: () => Promise<string>; onDone: () => Promise<void> }) {
  const query = useQuery({ queryKey: ['list'], queryFn: list });
  return (
    <FormPanel title="Dismiss it" verb="Dismiss" command={onDone} refreshes={['list']} onClose={vi.fn()}>
      {query.data}
    </FormPanel>
  );
}

test('a refusal is said at once, though what is shown cannot be fetched again', async () => {
  const list = vi
    .fn<() => Promise<string>>()
    .mockResolvedValueOnce('as it was')
    .mockReturnValue(new Promise(() => undefined));
  render(inApp(<Shown list={list} onDone={() => Promise.reject(new Problem('taken', 'Somebody else has dismissed it.', 409))} />));
  expect(await screen.findByText('as it was')).toBeTruthy();

  await userEvent.click(screen.getByRole('button', { name: 'Dismiss' }));
  expect((await screen.findByRole('alert')).textContent).toBe('Somebody else has dismissed it.');
  expect(list).toHaveBeenCalledTimes(2);
  expect(screen.getByRole('button', { name: 'Dismiss' })).toHaveProperty('disabled', false);
});

test('what was done shows as done when what is shown was fetched again', async () => {
  let answer: (text: string) => void = () => undefined;
  const list = vi
    .fn<() => Promise<string>>()
    .mockResolvedValueOnce('as it was')
    .mockReturnValue(new Promise((resolve) => (answer = resolve)));
  render(inApp(<Shown list={list} onDone={() => Promise.resolve()} />));
  expect(await screen.findByText('as it was')).toBeTruthy();

  await userEvent.click(screen.getByRole('button', { name: 'Dismiss' }));
  expect(screen.getByRole('button', { name: 'Dismiss' })).toHaveProperty('disabled', true);
  answer('as it is');
  expect(await screen.findByText('as it is')).toBeTruthy();
  await waitFor(() => expect(screen.getByRole('button', { name: 'Dismiss' })).toHaveProperty('disabled', false));
});

type Moves = { onDrag: (key: string, dx: number, dy: number, done: boolean) => void };

function Picture({ onDrag }: Moves) {
  const drag = useDrag(onDrag, undefined);
  return (
    <svg>
      <g data-testid="bolt" {...drag('7')} />
    </svg>
  );
}

test.each(['pointerUp', 'pointerCancel', 'lostPointerCapture'] as const)('after %s a hand that passes over a bolt moves nothing', (end) => {
  // jsdom lays nothing out: a picture whose units are the screen's, and points that know where they are.
  vi.stubGlobal('DOMPoint', PointOfScreen);
  Object.assign(SVGElement.prototype, { getScreenCTM: () => ({ inverse: () => null }), setPointerCapture: () => undefined });
  const onDrag = vi.fn<Moves['onDrag']>();
  render(<Picture onDrag={onDrag} />);
  const bolt = screen.getByTestId('bolt');
  fireEvent.pointerDown(bolt, { clientX: 10, clientY: 10 });
  fireEvent.pointerMove(bolt, { clientX: 14, clientY: 11 });
  fireEvent[end](bolt);
  fireEvent.pointerMove(bolt, { clientX: 90, clientY: 90 });

  expect(onDrag.mock.calls).toEqual([
    ['7', 4, 1, false],
    ['7', 0, 0, true],
  ]);
});

class PointOfScreen {
  constructor(
    readonly x: number,
    readonly y: number,
  ) {}

  matrixTransform() {
    return this;
  }
}

/** A page with a panel that opens a second one in its place, as "More" does. */
function Panels() {
  const [open, setOpen] = useState<'more' | 'form' | null>(null);
  const close = () => setOpen(null);
  return (
    <>
      <button type="button" onClick={() => setOpen('more')}>
        More
      </button>
      <Panel title="More of it" open={open === 'more'} onClose={close}>
        <button type="button" onClick={() => setOpen('form')}>
          Retire it
        </button>
      </Panel>
      {open === 'form' && (
        <Panel title="Retire" open onClose={close}>
          <input aria-label="Why" autoFocus />
        </Panel>
      )}
    </>
  );
}

test('a panel gives the focus back to what had opened it, though another panel lay between', async () => {
  render(<Panels />);
  await userEvent.tab();
  await userEvent.keyboard('{Enter}');
  await userEvent.keyboard('{Escape}');
  await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('button', { name: 'More' })));
  await userEvent.keyboard('{Enter}');
  await userEvent.click(screen.getByRole('button', { name: 'Retire it' }));
  expect(document.activeElement).toBe(screen.getByLabelText('Why'));
  await userEvent.keyboard('{Escape}');
  await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('button', { name: 'More' })));
});

test('the bolts of a map are gone through with the arrows and picked with Enter; Tab goes to the one that is picked', async () => {
  const picked = vi.fn();
  render(<JointMap sketch={SHEET.sketch} detail="full" label="Main caps" onPick={picked} picked={SHEET.sketch.map.positions[0]?.key ?? null} byKeys />);
  const bolts = screen.getAllByRole('button');
  expect(bolts.filter((b) => b.tabIndex === 0)).toHaveLength(1);
  await userEvent.tab();
  expect(document.activeElement).toBe(bolts[0]);
  await userEvent.keyboard('{ArrowRight}');
  expect(document.activeElement).not.toBe(bolts[0]);
  await userEvent.keyboard('{Enter}');
  expect(picked).toHaveBeenCalledWith(document.activeElement?.getAttribute('data-position'), false);
});
