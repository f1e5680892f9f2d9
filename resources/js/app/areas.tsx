import type { QueryClient } from '@tanstack/react-query';
import { type ComponentType, lazy, useState } from 'react';

/** A part of the product with a script of its own, fetched when one first goes there. */
type Area<M> = { fetch: () => Promise<M>; here: M | null };

function area<M>(load: () => Promise<M>): Area<M> {
  const it: Area<M> = {
    here: null,
    fetch: async () => {
      it.here = await load();
      return it.here;
    },
  };
  return it;
}

export const people = area(() => import('@/areas/people'));
export const library = area(() => import('@/areas/library'));
export const builds = area(() => import('@/areas/builds'));
export const cards = area(() => import('@/areas/cards'));
export const desk = area(() => import('@/areas/desk'));
export const shop = area(() => import('@/areas/shop'));
export const crib = area(() => import('@/areas/crib'));
export const stops = area(() => import('@/areas/stops'));
export const audit = area(() => import('@/areas/audit'));
export const bench = area(() => import('@/areas/bench'));

/**
 * A screen of an area: drawn at once where its script is here, else once it is. React holds back what it has shown a stand-in
 * for by 300 ms, so that nothing flickers; a bench that is opened must not wait for that.
 */
export function screen<M, P extends object>(of: Area<M>, pick: (module: M) => ComponentType<P>): ComponentType<P> {
  const Later = lazy(async () => ({ default: pick(await of.fetch()) }));
  return function Screen(props: P) {
    // As it was when it was first drawn: changed under way, it would begin anew.
    const [Shown] = useState<ComponentType<P>>(() => (of.here === null ? (Later as unknown as ComponentType<P>) : pick(of.here)));
    return <Shown {...props} />;
  };
}

/** The script of what is at an address, and what it asks for first, together with everything else that the page begins with. */
export async function fetchFor(path: string, client: QueryClient): Promise<void> {
  const [, first, second] = path.split('/');
  if (first === 'bench' && second !== 'sign-in') (await bench.fetch()).askAhead(client, path);
  else
    await (
      { library, builds, cards, crib, audit, stops, today: desk, people: shop, 'first-use': shop, 'first-steps': shop, welcome: shop }[first ?? ''] ?? people
    ).fetch();
}
