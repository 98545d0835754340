import extBold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?url';
import ext from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url';
import latinBold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import latin from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import pdfMake from 'pdfmake/build/pdfmake.js';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { mainFont, moreLettersFont } from './printable.js';

const here = (file: string) => new URL(file, window.location.href).href;

const fonts = {
  [mainFont]: { normal: here(latin), bold: here(latinBold) },
  [moreLettersFont]: { normal: here(ext), bold: here(extBold) },
};

/** A document as the bytes of a PDF, its letters in it. */
export async function makePdf(document: TDocumentDefinitions): Promise<Blob> {
  pdfMake.addFonts(fonts);
  return pdfMake
    .createPdf({ compress: true, ...document, defaultStyle: { font: mainFont, ...document.defaultStyle } })
    .getBlob();
}
