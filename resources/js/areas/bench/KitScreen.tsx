import type { RunSheet } from '@/api/types';
import { KeyBar } from './KeyBar';
import type { Bench } from './useRun';

type Props = { bench: Bench; sheet: RunSheet; onReady: () => void; onMore: () => void };

/** Before the first round: what has to lie on the bench, what can hurt, and whether there is time for it. */
export function KitScreen({ bench, sheet, onReady, onMore }: Props) {
  return (
    <>
      <main className="grid min-h-0 grow grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)] overflow-auto portrait:grid-cols-1">
        <section className="px-7 py-5">
          <h1 className="text-[40px] leading-tight">Lay it out</h1>
          <Time time={sheet.time} />
          <div className="mt-4 grid gap-x-8 gap-y-4">
            {sheet.kit.map((part) => (
              <Part key={part.title} part={part} />
            ))}
          </div>
        </section>
        <Care cautions={sheet.cautions} />
      </main>
      <KeyBar
        bench={bench}
        view={sheet.view}
        keys={[
          { cap: 'Enter', says: 'It is all here', look: 'main', do: onReady },
          { cap: '+', says: 'More', do: onMore },
        ]}
      />
    </>
  );
}

/** What cannot be finished in this shift is said before it is begun. */
function Time({ time }: { time: RunSheet['time'] }) {
  if (!time) return null;
  return (
    <p className={`mt-1 text-xl ${time.late ? 'font-semibold text-fault' : ''}`}>
      About {time.in_all}
      {time.late && ', longer than the shift'}. Place to leave it: {time.leave}.
    </p>
  );
}

function Part({ part }: { part: RunSheet['kit'][number] }) {
  return (
    <section>
      <h2 className="border-b border-hair pb-1 text-lg text-soft">{part.title}</h2>
      <ul className="pt-1.5 text-xl leading-snug">
        {part.lines.map((line) => (
          <li key={line.says} className={line.lacks ? 'py-1 font-semibold text-fault' : 'py-1'}>
            {line.says}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Care({ cautions }: { cautions: string[] }) {
  return (
    <section className="border-l border-line bg-sheet px-7 py-5 portrait:border-t portrait:border-l-0" aria-label="Take care">
      <h2 className="text-3xl">Take care</h2>
      <ul className="mt-3 flex flex-col gap-4 text-xl">
        {cautions.map((text) => (
          <li key={text} className="border-l-8 border-fault pl-4">
            {text}
          </li>
        ))}
        <li className="pl-6 text-lg text-soft">The maker’s current instruction and the rules of the shop go before this card.</li>
      </ul>
    </section>
  );
}
