import { Loaded } from '@/ui/states';
import { useMachine } from './queries';

/** How the instance itself stands: what may be wrong although everything runs, and what wants looking after. */
export function Machine() {
  const query = useMachine();
  return (
    <section aria-label="This server" className="lg:col-span-2">
      <h2 className="text-2xl">This server</h2>
      <Loaded query={query}>
        {({ lines }) => (
          <>
            <p className="mt-1 text-soft">{summary(lines.filter((line) => !line.well).map((line) => line.name.toLowerCase()))}</p>
            <dl className="mt-3 grid grid-cols-[auto_1fr] lg:grid-cols-[auto_1fr_auto_1fr]">
              {lines.map((line) => (
                <div key={line.key} className="contents">
                  <dt className="border-b border-hair py-2 pr-6 font-semibold">{line.name}</dt>
                  <dd className={`border-b border-hair py-2 pr-10 ${line.well ? 'text-soft' : 'font-semibold text-fault'}`}>{line.sentence}</dd>
                </div>
              ))}
            </dl>
          </>
        )}
      </Loaded>
      <p className="mt-3 max-w-prose text-soft">
        <b className="font-semibold">bin/tekkal status</b> says the same at the machine. Every night the record is verified, and backed up where a folder for it
        is set (<b className="font-semibold">BACKUP_FOLDER</b>).
      </p>
    </section>
  );
}

function summary(names: string[]): string {
  if (names.length === 0) return 'Nothing here wants looking after.';
  const last = names.at(-1) ?? '';
  return `To be looked after: ${names.length === 1 ? last : `${names.slice(0, -1).join(', ')} and ${last}`}.`;
}
