const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'];

/** Where there is less room, the last three go to a fourth column. */
const BESIDE: Record<string, string> = {
  '⌫': 'small:col-start-4 small:row-start-1',
  '.': 'small:col-start-4 small:row-start-2',
  '0': 'small:col-start-4 small:row-start-3',
};

/** Keys on the glass for a tablet without a keyboard, sized for gloves. The key that brought them puts them away as well. */
export function Keypad({ onKey }: { onKey: (key: string) => void }) {
  return (
    <div
      className="flex shrink-0 flex-col justify-end border-r border-hair p-4 landscape:small:items-center landscape:small:border-t landscape:small:border-r-0 landscape:small:py-2 portrait:items-center portrait:border-r-0 portrait:border-b"
      role="group"
      aria-label="Keys"
    >
      <div className="grid grid-cols-3 gap-4 small:grid-cols-4 small:gap-3">
        {KEYS.map((key) => (
          <button
            key={key}
            type="button"
            aria-label={key === '⌫' ? 'delete' : key}
            onClick={() => onKey(key)}
            className={`size-24 rounded border border-line bg-sheet text-4xl font-semibold active:bg-casting ${BESIDE[key] ?? ''}`}
          >
            {key}
          </button>
        ))}
      </div>
    </div>
  );
}
