import type { Photo } from '@lone-heron/contract';
import { pixelsBetween, type PicturePoint } from '@lone-heron/core';
import { useEffect, useRef, useState } from 'react';
import { pictureAddress } from '../../../shared/api/photosApi.js';
import { grayOf } from '../../../shared/picture/grayOf.js';
import { faceOf, type Placed } from './placed.js';
import { traceInWorker, type RunningTrace } from './traceInWorker.js';

/** Under this the line stands out no more than the grain. */
const leastContrast = 1;

/** A line that was found, in the photo's own pixels. */
interface Traced {
  readonly line: PicturePoint[];
  readonly meetsBack: boolean;
}

/** Looks for the fusion line with what is placed; can be stopped, and stops with the page. */
export function useTrace(photo: Photo, placed: Placed, thicknessMm: number, mmPerPixel: number | null) {
  const running = useRef<RunningTrace | null>(null);
  const [isRunning, setRunning] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  useEffect(() => () => running.current?.cancel(), []);
  const face = faceOf(placed);
  const canStart = face !== null && mmPerPixel !== null;
  const start = async (): Promise<Traced | null> => {
    if (face === null || mmPerPixel === null) return null;
    setRunning(true);
    setSaid('Looking for the line.');
    try {
      const { picture, share } = await grayOf(pictureAddress(photo.hash));
      const scaled = ({ x, y }: PicturePoint) => ({ x: x * share, y: y * share });
      const line = { left: scaled(face.left), right: scaled(face.right) };
      const middle = scaled(middleOf(placed));
      const thicknessPixels = (thicknessMm / mmPerPixel) * share;
      running.current = traceInWorker({ picture, face: line, middle, thicknessPixels });
      const answer = await running.current.answer;
      if ('fault' in answer) {
        setSaid(answer.fault);
        return null;
      }
      const { points, contrast, meetsBack } = answer.line;
      setSaid(wordsOf(contrast, meetsBack));
      return { line: points.map(({ x, y }) => ({ x: x / share, y: y / share })), meetsBack };
    } catch (fault) {
      setSaid(fault instanceof Error ? fault.message : String(fault));
      return null;
    } finally {
      setRunning(false);
    }
  };
  return { isRunning, said, canStart, start, cancel: () => running.current?.cancel() };
}

/** Halfway between the points of the width where they are placed, else of the face line. */
function middleOf(placed: Placed): PicturePoint {
  const [left, right] =
    placed.points['width']?.length === 2 ? placed.points['width'] : (placed.points['face'] ?? []);
  if (left === undefined || right === undefined || pixelsBetween(left, right) === 0) return { x: 0, y: 0 };
  return { x: (left.x + right.x) / 2, y: (left.y + right.y) / 2 };
}

function wordsOf(contrast: number, meetsBack: boolean): string {
  if (contrast < leastContrast)
    return 'Nothing stands out: this line is a guess. Etch again, or place the points by hand.';
  return meetsBack
    ? 'The line runs into the back: the melt came through, or its end was not found. It says no depth.'
    : 'Found. Look along it, and drag it where it went astray.';
}
