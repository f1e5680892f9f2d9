import { Button } from './Button';

/** The button below a list that puts one more thing into it. */
export function AddButton({ text, onAdd, className = 'mt-2 self-start' }: { text: string; onAdd: () => void; className?: string }) {
  return (
    <Button small className={className} onClick={onAdd}>
      {text}
    </Button>
  );
}
