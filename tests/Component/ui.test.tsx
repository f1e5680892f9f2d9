import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Link, Route, Routes } from 'react-router';
import { expect, test, vi } from 'vitest';
import { Cell } from '@/ui/Cell';
import { Field } from '@/ui/Field';
import { ScreenOutlet } from '@/ui/ScreenOutlet';
import { Select } from '@/ui/Select';
import { useDrag } from '@/ui/useDrag';
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
