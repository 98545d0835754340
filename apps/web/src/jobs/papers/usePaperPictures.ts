import type { Job } from '@lone-heron/contract';
import { useEffect, useState } from 'react';
import { useJobPhotosQuery } from '../../shared/api/jobsApi.js';
import { pictureAddress } from '../../shared/api/photosApi.js';
import { placedPictures, type PaperPicture } from './markedPictureSvg.js';

/** Widest that a picture goes to a page, px: 200 dots an inch across A4 held sideways. */
const widestPx = 2200;

/** The marked pictures of a job, read for a page; null until they have come. One that cannot be read is there without its data, and the page says so. */
export function usePaperPictures(job: Job): readonly PaperPicture[] | null {
  const { data: photos } = useJobPhotosQuery(job.id);
  const [pictures, setPictures] = useState<readonly PaperPicture[] | null>(null);
  useEffect(() => {
    if (photos === undefined) return undefined;
    let isWanted = true;
    const reading = placedPictures(job.draft).map(async ({ photoId, ...rest }) => {
      const hash = photos.find(({ id }) => id === photoId)?.hash;
      const data = hash === undefined ? null : await jpegOf(pictureAddress(hash)).catch(() => null);
      return { ...rest, data };
    });
    void Promise.all(reading).then((read) => {
      if (isWanted) setPictures(read);
    });
    return () => {
      isWanted = false;
    };
  }, [job.draft, photos]);
  return pictures;
}

/** A page takes no WebP: the picture as JPEG, no finer than a printer shows. */
async function jpegOf(address: string): Promise<string> {
  const answer = await fetch(address);
  if (!answer.ok) throw new Error(`The picture ${address} did not come.`);
  const bitmap = await createImageBitmap(await answer.blob());
  const scale = Math.min(1, widestPx / bitmap.width);
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * scale);
  canvas.height = Math.round(bitmap.height * scale);
  const context = canvas.getContext('2d');
  if (context === null) throw new Error('The browser could not draw the picture.');
  // A page is black and white: what is told by colour alone would be gone anyway.
  context.filter = 'grayscale(1)';
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas.toDataURL('image/jpeg', 0.85);
}
