import type { JobPaper } from '@lone-heron/contract';
import { strToU8, zipSync, type Zippable } from 'fflate';
import { inFileName } from '../../shared/files/saveFile.js';
import { pageFrame, paperOf } from '../../shared/paper/papers.js';
import { jobFileOf } from './jobFileOf.js';
import { inspectionRecord, materials, weldMap, type PaperContext } from './jobPapers.js';
import { paperPdf } from './paperPdf.js';
import { photoFiles, photosToCome, type PhotoFile } from './photoFiles.js';
import { pictureAddress } from '../../shared/api/photosApi.js';

/** What the customer keeps: weld map, inspection record and materials as PDF, everything as JSON, and a page that says what is there. The quote and its prices stay in the shop. */
export async function customerZip(context: PaperContext, printedAt: Date): Promise<Blob> {
  const { makePdf } = await import('../../shared/paper/makePdf.js');
  const papers = [weldMap, inspectionRecord, materials].map((make) => make(context));
  const photos = photoFiles(context);
  const all = [contents(context, papers, photos), ...papers];
  const files: Zippable = {};
  for (const [i, paper] of all.entries()) {
    const orientation = paper.name === 'weldMap' && i > 0 ? 'landscape' : 'portrait';
    const pdf = await makePdf(
      paperPdf(
        paper,
        printedAt,
        pageFrame(paperOf(context.house.units), orientation),
        i > 0 ? context.pictures : [],
      ),
    );
    files[fileName(i, paper)] = new Uint8Array(await pdf.arrayBuffer());
  }
  // Pictures are packed as they are: they do not get smaller.
  for (const { name, hash } of photos) files[name] = [await pictureBytes(hash), { level: 0 }];
  files['record.json'] = strToU8(withoutPrices(jobFileOf(context, printedAt)));
  return new Blob([zipSync(files, { level: 6 })], { type: 'application/zip' });
}

const fileName = (i: number, { title }: JobPaper) => `${i} ${inFileName(title)}.pdf`;

/** What is in the ZIP, file by file. */
function contents(
  context: PaperContext,
  papers: readonly JobPaper[],
  photos: readonly PhotoFile[],
): JobPaper {
  const [first] = papers;
  const toCome = photosToCome(context);
  const missing =
    toCome === 0 ? [] : [{ name: 'Not here yet', value: `${toCome} photos that wait where they were taken` }];
  const rows = [
    ...papers.map((paper, i) => [fileName(i + 1, paper), paper.title]),
    ...photos.map(({ name, words }) => [name, words]),
    ['record.json', 'the same and everything behind it, to be read by a program'],
  ];
  return {
    ...{
      name: 'weldMap',
      title: `Contents: ${context.job.draft.name}`,
      facts: [...(first?.facts ?? []), ...missing],
    },
    tables: [{ heading: 'In this ZIP', columns: ['File', 'What it is'], rows }],
  };
}

async function pictureBytes(hash: string): Promise<Uint8Array> {
  const answer = await fetch(pictureAddress(hash));
  if (!answer.ok) throw new Error(`photo ${hash.slice(0, 8)} did not come`);
  return new Uint8Array(await answer.arrayBuffer());
}

function withoutPrices(json: string): string {
  const file = JSON.parse(json) as { papers: JobPaper[] };
  const papers = file.papers.filter(({ name }) => name !== 'quote');
  return `${JSON.stringify({ ...file, papers }, null, 2)}\n`;
}
