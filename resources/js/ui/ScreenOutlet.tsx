import { Suspense } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { Outlet, useLocation } from 'react-router';
import { Button } from './Button';
import { Waiting } from './states';

/** The screen of the address within its frame. While it is fetched, and where it breaks, the frame stays; another address shows its own screen. */
export function ScreenOutlet() {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={BrokenScreen} resetKeys={[pathname]}>
      <Suspense fallback={<Waiting />}>
        <Outlet />
      </Suspense>
    </ErrorBoundary>
  );
}

/** Also what is seen when a newer release has come and this page asks for parts of the older one: loaded anew it is whole. */
function BrokenScreen({ error }: FallbackProps) {
  return (
    <main className="p-7">
      <h1 className="text-2xl">This screen cannot be shown</h1>
      <div role="alert" className="mt-3 max-w-prose">
        <p>Nothing that was recorded is lost, and readings that wait to be sent go on being sent. Load the page again; if it comes back, tell the lead.</p>
        <p className="mt-2 text-soft">{error instanceof Error ? error.message : String(error)}</p>
      </div>
      <Button look="main" className="mt-5" onClick={() => window.location.reload()}>
        Load the page again
      </Button>
    </main>
  );
}
