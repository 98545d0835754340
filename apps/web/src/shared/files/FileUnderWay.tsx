import type { FileProgress } from '@lone-heron/contract';
import { toast } from '../say/toast.js';
import type { FileWork } from './useFileWork.js';

/** How far a file has come, with a way to break it off. */
export function FileUnderWay({ work: { progress, cancel } }: { work: FileWork }) {
  const breakOff = () => {
    cancel();
    // A store that was just done is done, whoever left.
    toast('Broken off. Choose the file again to see what of it is here.');
  };
  return (
    <div ref={bringIntoView} className="flex scroll-mb-24 flex-wrap items-center gap-x-4 gap-y-2">
      <div className="min-w-48 flex-1">
        <p role="status" className="tabular-nums">
          {inWords(progress)}
        </p>
        {progress !== null && progress.of > 0 ? (
          <progress
            key="counted"
            className="progress progress-primary"
            value={progress.done}
            max={progress.of}
            aria-label="How far it has come"
          />
        ) : (
          <progress key="uncounted" className="progress" aria-label="How far it has come" />
        )}
      </div>
      <button type="button" className="btn touch-always" onClick={breakOff}>
        Break off
      </button>
    </div>
  );
}

/** On a phone it comes below the file that was chosen, behind the edge of the screen. */
function bringIntoView(place: HTMLElement | null): void {
  place?.scrollIntoView({ block: 'nearest' });
}

const phaseWords: Readonly<Record<Exclude<FileProgress['phase'], 'waiting'>, string>> = {
  reading: 'Reading the rows',
  comparing: 'Comparing with what is here',
  pictures: 'Looking at the pictures',
  storing: 'Storing',
};

function inWords(progress: FileProgress | null): string {
  if (progress === null || progress.phase === 'waiting') return 'Getting ready; files take turns.';
  return `${phaseWords[progress.phase]}: ${progress.done} of ${progress.of}.`;
}
