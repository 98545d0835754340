import { pagePictures } from '../../shared/paper/pagePictures.js';

/** What a drawing or photo can be given as. */
export const drawingChoice = 'image/png,image/jpeg,image/webp,image/svg+xml,application/pdf';

/** Longest side of a drawing that is made into a picture, px. */
const longestPx = 2400;

/** Pictures out of a file: a photo as it is, each page of a PDF, an SVG drawn. */
export async function picturesOf(file: File): Promise<readonly Blob[]> {
  if (file.type === 'application/pdf' || file.name.toLowerCase().endsWith('.pdf')) return pagePictures(file);
  if (file.type === 'image/svg+xml' || file.name.toLowerCase().endsWith('.svg'))
    return [await drawnSvg(file)];
  return [file];
}

/** Height over width of a picture. */
export async function heightShareOf(picture: Blob): Promise<number> {
  const bitmap = await createImageBitmap(picture);
  const share = bitmap.height / bitmap.width;
  bitmap.close();
  return Math.round(share * 1e6) / 1e6;
}

/** An SVG is shown as an image alone, so that nothing it carries runs. */
async function drawnSvg(file: File): Promise<Blob> {
  const address = URL.createObjectURL(new Blob([await file.arrayBuffer()], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const [width, height] = [image.naturalWidth || 1000, image.naturalHeight || 1000];
    const scale = longestPx / Math.max(width, height);
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(width * scale);
    canvas.height = Math.round(height * scale);
    const context = canvas.getContext('2d');
    if (context === null) throw new Error('The browser could not draw it.');
    context.fillStyle = 'white';
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise((resolve, reject) =>
      canvas.toBlob(
        (blob) => (blob === null ? reject(new Error('The browser could not draw it.')) : resolve(blob)),
        'image/png',
      ),
    );
  } finally {
    URL.revokeObjectURL(address);
  }
}
