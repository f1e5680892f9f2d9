import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

// A file of its own: what is tested here needs no server, and the plugin that builds the pages refuses to be loaded for
// one wherever the environment says CI.
// None of the tests measures time, and a machine that does everything else meanwhile may be twenty times slower.
const patient = { testTimeout: 120_000, hookTimeout: 120_000 };
const resolve = { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } };

export default defineConfig({
  test: {
    projects: [
      { resolve, test: { ...patient, name: 'rules', environment: 'node', include: ['resources/js/lib/**/*.test.ts'] } },
      {
        resolve,
        test: { ...patient, name: 'components', environment: 'jsdom', include: ['tests/Component/*.test.tsx'], setupFiles: ['tests/Component/setup.ts'] },
      },
    ],
  },
});
