import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [laravel({ input: ['resources/js/app/main.tsx', 'resources/js/core/beside.ts'], refresh: false }), react(), tailwindcss()],
  resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
  // The core beside a page is an entry of its own until a screen takes it: what it offers must not be shaken off.
  build: { chunkSizeWarningLimit: 400, rollupOptions: { preserveEntrySignatures: 'exports-only' } },
  worker: { format: 'es' },
});
