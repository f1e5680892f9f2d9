import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

// A file of its own: the rules under test need no server, and the plugin that builds the pages refuses to be loaded
// for one wherever the environment says CI.
export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
  test: { environment: 'node', include: ['resources/js/lib/**/*.test.ts'] },
});
