import { useMay } from '@/api/session';
import { ButtonLink } from '@/ui/ButtonLink';

/** Only who keeps the crib registers tools; a lead who does both says so under People. */
export function ToolsStep() {
  const may = useMay();
  if (may('keep-tools')) {
    return (
      <div className="flex gap-3">
        <ButtonLink to="/crib/register" main>
          Register tools
        </ButtonLink>
        <ButtonLink to="/crib">To the board</ButtonLink>
      </div>
    );
  }
  return (
    <>
      <p className="mb-3 max-w-prose">
        The crib keeper registers them, signed in at a desk: <b className="font-semibold">Crib</b>, <b className="font-semibold">Register tools</b>. Add one
        under People and badges – or, where you keep the crib yourself, open yourself under People and tick crib keeper under{' '}
        <b className="font-semibold">Where they stand</b>.
      </p>
      <ButtonLink to="/people">To the people</ButtonLink>
    </>
  );
}
