import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

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

/** What Dial computes with before anything else is asked for. */
const coreOfFirstScreen =
  /packages\/core\/src\/(quantity|fault|metal|melt|odds|numeric|joint|settings)\/(si|RangeFault|requireWithin|describe|metalTable|Metal|thermal|tintScales|predictMelt|normalisedEnthalpy|heatLimitedDepth|keyholeResistance|reachLimitedDepth|meltEdition|reading|beadSection|depthSpread|depthBelief|beliefOdds|erfc|normalCdf|Joint|jointThermal|farFace|gapBorne|ownLeg|metalNeeded|aimLosses|aimedLimits|forecastWeld|meltInputOf|weldPass|handBand|triedSettings|jointMissed)\.ts/;

const server = `http://127.0.0.1:${process.env.PORT ?? '4180'}`;

export default defineConfig({
  plugins: [react(), tailwindcss(), listFirstScreen()],
  resolve: { conditions: ['source', 'module', 'browser', 'development|production'] },
  // Every browser that runs this knows modulepreload.
  build: {
    target: 'es2022',
    sourcemap: false,
    // The PDF writer is that large; it comes when a page is laid out.
    chunkSizeWarningLimit: 1000,
    rolldownOptions: {
      output: {
        // Small files of the core that the first screen needs weigh less as one.
        codeSplitting: { groups: [{ name: 'core', test: coreOfFirstScreen }] },
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
