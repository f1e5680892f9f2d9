/** Takes one line of a list out; undo brings it back. */
export function RemoveButton({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <button type="button" aria-label={label} title={label} className="px-2 text-lg leading-none text-soft hover:text-fault" onClick={onClick}>
      ×
    </button>
  );
}
