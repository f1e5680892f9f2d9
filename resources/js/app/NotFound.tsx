import { Link } from 'react-router';

export function NotFound() {
  return (
    <main className="p-7">
      <h1 className="text-2xl">Nothing is at this address</h1>
      <p className="mt-2 text-soft">
        It may have been typed wrongly.{' '}
        <Link className="quiet" to="/">
          Go to the start
        </Link>
      </p>
    </main>
  );
}
