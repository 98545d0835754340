import { countSpecks, type GlassOnPicture, type GrayPicture, type SpeckCount } from '@lone-heron/core';

/** A picture to be counted on, and where the glass lies on it. */
export interface SpeckTask {
  readonly picture: GrayPicture;
  readonly glass: GlassOnPicture;
}

/** What the worker answers: what is on the glass, or why it cannot say. */
export type SpeckAnswer = { readonly count: SpeckCount } | { readonly fault: string };

onmessage = ({ data: { picture, glass } }: MessageEvent<SpeckTask>) => {
  let answer: SpeckAnswer;
  try {
    answer = { count: countSpecks(picture, glass) };
  } catch (fault) {
    answer = { fault: fault instanceof Error ? fault.message : String(fault) };
  }
  postMessage(answer);
};
