import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { defineConfig, type Plugin } from 'vite';

/** Squeezes script and style once, as far as it goes: the server has no time for that while somebody waits, and sends what lies beside a file. */
function squeezed(): Plugin {
  let into = '';
  return {
    name: 'squeezed',
    apply: 'build',
    configResolved: (config) => void (into = resolve(config.root, config.build.outDir, 'assets')),
    closeBundle: () => {
      for (const file of readdirSync(into).filter((f) => /\.(js|css)$/.test(f)))
        writeFileSync(join(into, `${file}.br`), brotliCompressSync(readFileSync(join(into, file))));
    },
  };
}

export default defineConfig({
  plugins: [tailwindcss(), svelte(), squeezed()],
  build: { outDir: '../src/Metaplant.Web/wwwroot', emptyOutDir: true, target: 'es2022' },
  server: { proxy: { '/api': 'http://127.0.0.1:5080' } },
});
