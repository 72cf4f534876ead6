import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';
import { nodeWorker } from './scripts/vite-node-worker.mjs';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit(), nodeWorker()],
  worker: { format: 'es' },
  test: {
    include: ['src/**/*.test.ts', 'tests/**/*.test.ts'],
    exclude: ['tests/e2e/**'],
    testTimeout: 60_000,
  },
});
