type Props = { sentences: string[] };

/** Aids, adapters and what keeps the shaft from being turned. */
export function Beside({ sentences }: Props) {
  if (sentences.length === 0) return null;
  return (
    <section className="mt-5">
      <h2 className="text-lg">Beside the fasteners</h2>
      <ul className="mt-1 flex flex-col gap-1">
        {sentences.map((s) => (
          <li key={s}>{s}</li>
        ))}
      </ul>
    </section>
  );
}
