import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { defineConfig, type HtmlTagDescriptor, type Plugin } from 'vite';

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

/** Where the page says what it is about to need, the browser fetches it while it still reads the rest: the letters, so that nothing is laid out twice, and the application itself. */
function foretold(): Plugin {
  const tag = (attrs: Record<string, string | boolean>): HtmlTagDescriptor => ({
    tag: 'link',
    attrs,
    injectTo: 'head',
  });
  return {
    name: 'foretold',
    apply: 'build',
    transformIndexHtml: {
      order: 'post',
      handler: (_, { bundle = {}, chunk }) => {
        const letters = Object.keys(bundle).filter((file) => /-latin-wght-normal-[^/]*\.woff2$/.test(file));
        const shown = chunk?.dynamicImports.map((file) => bundle[file]).filter((c) => c?.type === 'chunk') ?? [];
        const scripts = shown.flatMap((c) => [c.fileName, ...c.imports]).filter((file) => file !== chunk?.fileName);
        const styles = shown.flatMap((c) => [...(c.viteMetadata?.importedCss ?? [])]);
        return [
          ...styles.map((file) => tag({ rel: 'stylesheet', crossorigin: true, href: `/${file}` })),
          ...letters.map((file) =>
            tag({ rel: 'preload', as: 'font', type: 'font/woff2', crossorigin: true, href: `/${file}` }),
          ),
          ...scripts.map((file) => tag({ rel: 'modulepreload', crossorigin: true, href: `/${file}` })),
        ];
      },
    },
  };
}

export default defineConfig({
  plugins: [tailwindcss(), svelte(), squeezed(), foretold()],
  build: { outDir: '../src/Metaplant.Web/wwwroot', emptyOutDir: true, target: 'es2022' },
  server: { proxy: { '/api': 'http://127.0.0.1:5080' } },
});
