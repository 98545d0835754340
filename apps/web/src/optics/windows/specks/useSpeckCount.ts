import type { ShopPhoto } from '@lone-heron/contract';
import type { GlassOnPicture, Speck, SpeckCount } from '@lone-heron/core';
import { useEffect, useRef, useState } from 'react';
import { pictureAddress } from '../../../shared/api/photosApi.js';
import { askWorker, type RunningWork } from '../../../shared/worker/askWorker.js';
import { grayOf } from '../../../shared/picture/grayOf.js';
import type { SpeckAnswer, SpeckTask } from './speckWorker.js';

/** Counts the specks on a photo beside the screen; can be stopped, and stops with the page. */
export function useSpeckCount(photo: ShopPhoto) {
  const running = useRef<RunningWork<SpeckAnswer> | null>(null);
  const [isRunning, setRunning] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const [count, setCount] = useState<SpeckCount | null>(null);
  useEffect(() => () => running.current?.cancel(), []);
  const start = async (glass: GlassOnPicture) => {
    setRunning(true);
    setSaid('Counting.');
    try {
      const { picture, share } = await grayOf(pictureAddress(photo.hash));
      const worker = new Worker(new URL('./speckWorker.ts', import.meta.url), { type: 'module' });
      const task: SpeckTask = { picture, glass: scaled(glass, share) };
      running.current = askWorker<SpeckAnswer>(worker, task);
      const answer = await running.current.answer;
      if ('fault' in answer) {
        setSaid(answer.fault);
        return;
      }
      setCount({ ...answer.count, specks: answer.count.specks.map((speck) => unscaled(speck, share)) });
      setSaid('Counted. Look whether the rings sit on what you see.');
    } catch (fault) {
      setSaid(fault instanceof Error ? fault.message : String(fault));
    } finally {
      setRunning(false);
    }
  };
  const forget = () => {
    running.current?.cancel();
    setCount(null);
    setSaid(null);
  };
  return { isRunning, said, count, start, cancel: () => running.current?.cancel(), forget };
}

/** The glass on the picture as it is read, which may be smaller than the photo. */
function scaled({ middle, radius, beamShare }: GlassOnPicture, share: number): GlassOnPicture {
  return { middle: { x: middle.x * share, y: middle.y * share }, radius: radius * share, beamShare };
}

function unscaled(speck: Speck, share: number): Speck {
  const middle = { x: speck.middle.x / share, y: speck.middle.y / share };
  return { ...speck, middle, pixels: speck.pixels / share ** 2 };
}
