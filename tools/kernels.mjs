/**
 * Compiles the inner loops of the heat fields (packages/core/kernels, AssemblyScript) and writes them as bytes the core
 * carries. Run it after a kernel changed; with --check it only tells whether the bytes are those of their source.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import asc from 'assemblyscript/asc';
import { root } from './root.mjs';

const kept = join(root, 'packages/core/src/kernel/heatKernelBytes.ts');

/** The kernels' bytes, in hexadecimal. */
async function compiledKernels() {
  const source = readFileSync(join(root, 'packages/core/kernels/heat.ts'), 'utf8');
  let bytes = null;
  const { error, stderr } = await asc.main(
    [
      'heat.ts',
      '--outFile',
      'heat.wasm',
      '-O3',
      '--enable',
      'simd',
      '--runtime',
      'stub',
      '--noAssert',
      '--importMemory',
      '--memoryBase',
      '1024',
    ],
    {
      readFile: (name) => (name === 'heat.ts' ? source : null),
      writeFile: (name, contents) => {
        if (name === 'heat.wasm') bytes = contents;
      },
      listFiles: () => [],
    },
  );
  if (error !== null) throw new Error(`The kernels do not compile: ${error.message}\n${stderr.toString()}`);
  return Buffer.from(bytes).toString('hex');
}

async function written() {
  const lines = (await compiledKernels()).match(/.{1,100}/g).map((line) => `  '${line}',`);
  const what = '/** The compiled kernels of packages/core/kernels, written by tools/kernels.mjs. */';
  return `${what}\nexport const heatKernelHex = [\n${lines.join('\n')}\n].join('');\n`;
}

if (process.argv[2] === '--check') {
  if ((await written()) !== readFileSync(kept, 'utf8')) {
    console.error('The compiled kernels are not those of their source: run node tools/kernels.mjs.');
    process.exit(1);
  }
} else writeFileSync(kept, await written());
