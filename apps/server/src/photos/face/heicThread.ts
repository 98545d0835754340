import { parentPort, workerData } from 'node:worker_threads';
import { decodeHeic, type Pixels } from './heicDecoding.js';

/** What the thread says. @see heicPixels.ts */
export type SaidOfHeic = { readonly pixels: Pixels } | { readonly fault: string };

/** Reads one HEIC picture, and ends. */
try {
  const pixels = await decodeHeic((workerData as { readonly sent: Uint8Array }).sent);
  const { buffer } = pixels.data;
  parentPort?.postMessage({ pixels } satisfies SaidOfHeic, buffer instanceof ArrayBuffer ? [buffer] : []);
} catch (fault) {
  const said = fault instanceof Error ? fault.message : String(fault);
  parentPort?.postMessage({ fault: said } satisfies SaidOfHeic);
}
