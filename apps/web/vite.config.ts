import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** Lists the scripts that the page asks for before it can show anything, for the bench to weigh. */
function listFirstScreen(): Plugin {
  return {
    name: 'list-first-screen',
    generateBundle(_options, bundle) {
      const files = new Set<string>();
      const take = (file: string) => {
        const chunk = bundle[file];
        if (files.has(file) || chunk?.type !== 'chunk') return;
        files.add(file);
        chunk.imports.forEach(take);
      };
      for (const chunk of Object.values(bundle))
        if (chunk.type === 'chunk' && chunk.isEntry) take(chunk.fileName);
      this.emitFile({ type: 'asset', fileName: 'first-screen.json', source: JSON.stringify([...files]) });
    },
  };
}

/**
 * Zod can write a JSON schema of every schema, and so brings all of that along; the browser never asks for one. Its files
 * keep their names, so that a version of Zod that lays them out otherwise weighs more and breaks nothing.
 */
function withoutJsonSchemas(): Plugin {
  return {
    name: 'without-json-schemas',
    enforce: 'pre',
    transform(code, id) {
      if (!/zod\/v4\/core\/(json-schema-processors|to-json-schema)\.js$/.test(id)) return null;
      const names = [...code.matchAll(/^export (?:const|function|class) (\w+)/gm)].map(([, name]) => name);
      // Every schema is given its methods as it is made; they are not called.
      const refused = `const refused = () => { throw new Error('no JSON schema is written in the browser'); };`;
      const kept = names.map((name) => `export const ${name} = () => refused;`);
      return { code: [refused, ...kept].join('\n'), map: null };
    },
  };
}

/** The manifest by which it installs, and the worker that keeps it for when the server is away. */
function installable() {
  return VitePWA({
    strategies: 'injectManifest',
    srcDir: 'src/serviceWorker',
    filename: 'serviceWorker.ts',
    injectRegister: null,
    injectManifest: {
      globPatterns: ['**/*.{html,js,mjs,css,svg,png,woff2}'],
      // The writer of PDF files with its fonts is the largest.
      maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
    },
    manifest: {
      name: 'Lone Heron',
      short_name: 'Lone Heron',
      description: 'Works out what to dial on a handheld laser welder and keeps what worked',
      start_url: '/ready',
      display: 'standalone',
      background_color: '#e7edef',
      theme_color: '#3f6275',
      icons: [
        { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
        { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
        { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      ],
    },
  });
}

const server = `http://127.0.0.1:${process.env.PORT ?? '4180'}`;

export default defineConfig({
  plugins: [withoutJsonSchemas(), react(), tailwindcss(), listFirstScreen(), installable()],
  resolve: { conditions: ['source', 'module', 'browser', 'development|production'] },
  // Every browser that runs this knows modulepreload.
  build: {
    target: 'es2022',
    sourcemap: false,
    // The PDF writer is that large; it comes when a page is laid out.
    chunkSizeWarningLimit: 1000,
    rolldownOptions: {
      output: {
        // Small files that the first screen shares with other pages weigh less as one, and come at once.
        codeSplitting: {
          // What a module names of a large library it may never call: that is fetched when it is.
          includeDependenciesRecursively: false,
          groups: [{ name: 'first', tags: ['$initial'], test: /^(?!.*ml-matrix)/ }],
        },
      },
    },
    modulePreload: {
      polyfill: false,
      // The names of what every page needs weigh 2 kB on the first screen; asked for when a page opens, they cost a hop.
      resolveDependencies: (_file, files, { hostType }) => (hostType === 'html' ? files : []),
    },
  },
  server: { host: '127.0.0.1', port: 4181, proxy: { '/api': server } },
});
