const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'];

/** Keys on the glass for a tablet without a keyboard, sized for gloves. */
export function Keypad({ onKey, onClose }: { onKey: (key: string) => void; onClose: () => void }) {
  return (
    <div className="shrink-0 self-end border-r border-hair p-4" role="group" aria-label="Keys">
      <div className="grid grid-cols-3 gap-4">
        {KEYS.map((key) => (
          <button
            key={key}
            type="button"
            aria-label={key === '⌫' ? 'delete' : key}
            onClick={() => onKey(key)}
            className="h-24 w-24 rounded border border-line bg-sheet text-4xl font-semibold active:bg-casting"
          >
            {key}
          </button>
        ))}
      </div>
      <button type="button" onClick={onClose} className="mt-3 h-12 w-full rounded border border-line bg-sheet text-lg">
        Put the keys away
      </button>
    </div>
  );
}
