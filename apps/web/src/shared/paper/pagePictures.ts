import { getDocument, GlobalWorkerOptions } from 'pdfjs-dist';
import workerUrl from 'pdfjs-dist/build/pdf.worker.min.mjs?url';

/** Dots an inch of the pictures: fine enough to print from. */
const dotsPerInch = 200;
const pointsPerInch = 72;

/** Every page of a PDF as a PNG, in their order. */
export async function pagePictures(pdf: Blob): Promise<Blob[]> {
  GlobalWorkerOptions.workerSrc = workerUrl;
  const loading = getDocument({ data: new Uint8Array(await pdf.arrayBuffer()) });
  try {
    const document = await loading.promise;
    const pictures: Blob[] = [];
    for (let number = 1; number <= document.numPages; number += 1) {
      const page = await document.getPage(number);
      const viewport = page.getViewport({ scale: dotsPerInch / pointsPerInch });
      const canvas = window.document.createElement('canvas');
      canvas.width = Math.round(viewport.width);
      canvas.height = Math.round(viewport.height);
      await page.render({ canvas, viewport }).promise;
      pictures.push(await pngOf(canvas));
    }
    return pictures;
  } finally {
    await loading.destroy();
  }
}

function pngOf(canvas: HTMLCanvasElement): Promise<Blob> {
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => {
      if (blob === null) reject(new Error('The browser could not draw the page.'));
      else resolve(blob);
    }, 'image/png');
  });
}
