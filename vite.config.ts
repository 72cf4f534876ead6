import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';
import { nodeWorker } from './scripts/vite-node-worker.mjs';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit(), nodeWorker()],
  worker: { format: 'es' },
  // Sizes are judged by scripts/bundle-size.mjs, on what is served.
  build: { reportCompressedSize: false },
});
