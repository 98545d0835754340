import type { ComponentProps, ReactNode } from 'react';

interface PictureChoiceProps extends Omit<ComponentProps<'input'>, 'type' | 'className'> {
  picture: ReactNode;
  /** The choice in a word or two, with its key where it has one. */
  short: ReactNode;
  long: string;
  isPicked: boolean;
  /** Whether a sheet that opens puts the focus here. */
  isStart: boolean;
}

/** One of several choices that are told apart by a picture: a radio button as large as a glove. */
export function PictureChoice({ picture, short, long, isPicked, isStart, ...radio }: PictureChoiceProps) {
  return (
    <label
      className={`flex min-h-20 cursor-pointer flex-col items-center justify-center gap-0.5 rounded-box border p-1.5 text-center sm:min-h-24 leading-tight has-focus-visible:outline-3 has-focus-visible:outline-primary ${
        isPicked ? 'border-primary bg-primary text-primary-content' : 'border-base-300'
      }`}
    >
      <input {...radio} type="radio" className="sr-only" data-start={isStart ? '' : undefined} />
      {picture}
      <span className="font-semibold">{short}</span>
      <span className="text-xs max-sm:sr-only">{long}</span>
    </label>
  );
}
