import 'fake-indexeddb/auto';
import { webcrypto } from 'node:crypto';
import { cleanup, configure } from '@testing-library/react';
import { afterEach, vi } from 'vitest';

// Whatever is waited for comes at once, unless the machine is busy with everything else.
configure({ asyncUtilTimeout: 30_000 });

// What a browser has and jsdom lacks: one lock at a time by name, hashes, a size for what is observed, and a window to scroll things into.
const held = new Map<string, Promise<unknown>>();
Object.defineProperty(navigator, 'locks', {
  value: {
    request: (name: string, work: () => Promise<unknown>) => {
      const turn = (held.get(name) ?? Promise.resolve()).then(work);
      held.set(
        name,
        turn.catch(() => undefined),
      );
      return turn;
    },
  },
});
Object.defineProperty(globalThis, 'crypto', { value: webcrypto, configurable: true });
globalThis.ResizeObserver = class {
  observe() {
    return undefined;
  }
  unobserve() {
    return undefined;
  }
  disconnect() {
    return undefined;
  }
};
Element.prototype.scrollIntoView = () => undefined;
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});
