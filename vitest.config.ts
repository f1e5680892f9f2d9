import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

// A file of its own: what is tested here needs no server, and the plugin that builds the pages refuses to be loaded for
// one wherever the environment says CI.
const resolve = { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } };

export default defineConfig({
  test: {
    projects: [
      { resolve, test: { name: 'rules', environment: 'node', include: ['resources/js/lib/**/*.test.ts'] } },
      { resolve, test: { name: 'components', environment: 'jsdom', include: ['tests/Component/*.test.tsx'], setupFiles: ['tests/Component/setup.ts'] } },
    ],
  },
});
