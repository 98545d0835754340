import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import readCode from 'jsqr';
import sharp from 'sharp';

/** A page of a PDF as a printer would put it on paper. */
export interface PrintedPage {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Share of the page that ink covers. */
  readonly ink: number;
  /** Whether every grey is one a copier keeps: nothing is told by colour. */
  readonly isGrey: boolean;
  /** How far ink keeps from the nearest edge, mm. */
  readonly clearMm: number;
  /** Reads the code on it; null where it has none. */
  readonly code: () => string | null;
}

// The package is CommonJS: its function lies one step deeper than its types say.
const decode = (readCode as unknown as { default: typeof readCode }).default;
const dotsPerInch = 150;
const mmPerDot = 25.4 / dotsPerInch;

/** Draws every page of a PDF with pdftoppm and looks at it. */
export async function printedPages(pdf: string): Promise<readonly PrintedPage[]> {
  const folder = mkdtempSync(join(tmpdir(), 'heron-pages-'));
  try {
    execFileSync('pdftoppm', ['-png', '-r', String(dotsPerInch), pdf, join(folder, 'page')]);
    const files = readdirSync(folder).toSorted();
    return await Promise.all(files.map((file) => looked(readFileSync(join(folder, file)))));
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** The words of a PDF, with what stands side by side on one line. */
export function wordsOf(pdf: string): string {
  return execFileSync('pdftotext', ['-layout', pdf, '-'], { encoding: 'utf8' });
}

async function looked(png: Buffer): Promise<PrintedPage> {
  const { data, info } = await sharp(png).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  const { width, height } = info;
  let inked = 0;
  let isGrey = true;
  let clear = Math.max(width, height);
  for (let i = 0; i < width * height; i++) {
    const [red, green, blue] = [data[4 * i] ?? 0, data[4 * i + 1] ?? 0, data[4 * i + 2] ?? 0];
    if (Math.max(red, green, blue) - Math.min(red, green, blue) > 8) isGrey = false;
    if (red > 200) continue;
    inked += 1;
    const [x, y] = [i % width, Math.floor(i / width)];
    clear = Math.min(clear, x, y, width - 1 - x, height - 1 - y);
  }
  return {
    widthMm: Math.round(width * mmPerDot),
    heightMm: Math.round(height * mmPerDot),
    ink: inked / (width * height),
    isGrey,
    clearMm: clear * mmPerDot,
    code: () =>
      decode(new Uint8ClampedArray(data), width, height, { inversionAttempts: 'dontInvert' })?.data ?? null,
  };
}
