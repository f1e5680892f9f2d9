import type { BenchView } from '@/api/types';

/** What the core has to say at a place where one stops. */
export function Says({ call }: { call: BenchView['call'] }) {
  return call.says.map((text) => (
    <p key={text} className="mt-2 text-2xl">
      {text}
    </p>
  ));
}
