import { frameAt, inMm, metre, mm, type WeldedPart } from '@lone-heron/core';
import { useMemo, useRef, useState } from 'react';
import { useBoxSize } from '../../shared/drawing/useBoxSize.js';
import { spokenLength, spokenTravel } from '../../shared/figures/spoken.js';
import type { DialOutcome } from '../dialOutcome.js';
import { HeatClock } from './HeatClock.js';
import { HeatCurve } from './HeatCurve.js';
import { HeatFacts } from './HeatFacts.js';
import { HeatPicture, type HeatPoint } from './HeatPicture.js';
import { HeatScale } from './HeatScale.js';
import { heatQuestion } from './heatTask.js';
import { looksOf, type HeatLook } from './heatWindow.js';
import { temperatureWords } from './heatWords.js';
import { useHeat, type Heat } from './useHeat.js';

type Shown = NonNullable<Heat['shown']>;

const lookNames: Readonly<Record<HeatLook, string>> = { section: 'Across', above: 'Front', behind: 'Back' };

/** A part that nobody said: large enough that its edges are not felt at once. */
const usualPart: WeldedPart = { sideWidth: mm(100), seamLength: mm(300) };

/** Where the heat of the setting goes: in section through time, from above and behind, and what it leaves. */
export default function HeatView({ outcome }: { outcome: DialOutcome }) {
  const question = useMemo(() => heatQuestion(outcome, usualPart), [outcome]);
  const heat = useHeat('task' in question ? question.task : null);
  if ('why' in question) return <p className="p-2 leading-snug">{question.why}</p>;
  return (
    <div className="flex min-h-0 grow flex-col gap-1">
      {heat.shown !== null && (
        <HeatField shown={heat.shown} isOld={heat.done !== null || heat.fault !== null} />
      )}
      <UnderWay heat={heat} />
    </div>
  );
}

/** How far it has come, or why there is none. */
function UnderWay({ heat: { done, fault, shown, stop, again } }: { heat: Heat }) {
  if (fault !== null)
    return (
      <div role="alert" className="flex flex-wrap items-center gap-2 px-1 leading-snug">
        <span>
          {fault}
          {shown !== null && ' The picture is of the setting before.'}
        </span>
        <button type="button" className="btn touch btn-sm" onClick={again}>
          Work it out
        </button>
      </div>
    );
  if (done === null) return null;
  return (
    <div role="status" className="flex items-center gap-2 px-1 text-soft">
      <span>Working out the heat</span>
      <progress className="progress min-w-0 grow" value={done} max={1} aria-label="Heat field" />
      <button type="button" className="btn touch btn-ghost btn-sm" onClick={stop}>
        Stop
      </button>
    </div>
  );
}

const unmeasured = { width: 424, height: 180 };

function HeatField({ shown, isOld }: { shown: Shown; isOld: boolean }) {
  const frameBox = useRef<HTMLDivElement>(null);
  const page = useBoxSize(frameBox, unmeasured);
  const { times } = shown.answer.heat;
  const [look, setLook] = useState<HeatLook>('section');
  const [picked, setPicked] = useState<number | null>(null);
  const [point, setPoint] = useState<HeatPoint | null>(null);
  const hottest = useMemo(() => hottestFrame(shown), [shown]);
  const frame = Math.min(picked ?? hottest, times.length - 1);
  const looks = looksOf(shown);
  const seen = looks.includes(look) ? look : 'section';
  return (
    <div className={`flex min-h-0 grow flex-col gap-1 ${isOld ? 'opacity-60' : ''}`}>
      {looks.length > 1 && (
        <div role="group" aria-label="Heat seen" className="flex">
          {looks.map((each) => (
            <button
              key={each}
              type="button"
              aria-pressed={seen === each}
              className={`btn touch px-2 btn-ghost btn-sm ${seen === each ? 'font-semibold underline underline-offset-4' : 'font-normal text-soft'}`}
              onClick={() => {
                setLook(each);
                setPoint(null);
              }}
            >
              {lookNames[each]}
            </button>
          ))}
        </div>
      )}
      <div ref={frameBox} className="relative min-h-28 grow overflow-hidden rounded-md">
        <HeatPicture
          shown={shown}
          look={seen}
          frame={frame}
          page={page}
          words={pictureWords(shown, seen, frame)}
          point={point}
          onPoint={setPoint}
        />
      </div>
      <HeatScale shown={shown} />
      {seen === 'section' && <HeatClock times={times} frame={frame} onFrame={setPicked} />}
      {point === null ? (
        <HeatFacts shown={shown} />
      ) : (
        <HeatCurve shown={shown} look={seen} point={point} onClose={() => setPoint(null)} />
      )}
      <p className="text-sm leading-snug text-soft">
        {point === null && 'Touch a place for its curve. '}For {spokenLength(inMm(shown.task.part.sideWidth))}{' '}
        wide sheets in still air.
      </p>
    </div>
  );
}

/** The moment at which most is molten, which is what a section is looked at for. */
function hottestFrame({ answer }: Shown): number {
  const { frames, law } = answer.heat;
  const molten = frames.map((frame) =>
    frame.reduce((count, rise) => count + (rise >= law.liquidus ? 1 : 0), 0),
  );
  const most = Math.max(...molten);
  return most > 0 ? molten.indexOf(most) : frameAt(answer.heat.times, 0)[0];
}

/** The picture for who cannot see it. */
function pictureWords({ answer, task }: Shown, look: HeatLook, frame: number): string {
  const { heat, bead } = answer;
  const hottest = temperatureWords(Math.max(...(heat.frames[frame] ?? [0])), heat.law.start);
  const length = (metres: number) => spokenLength(inMm(metre(metres)));
  if (look === 'section')
    return `Section: the hottest place has ${hottest}. Melted in all: ${length(bead.front)} wide.`;
  const width = look === 'above' ? bead.front : bead.back;
  const face = look === 'above' ? 'From above' : 'From behind';
  if (width === 0) return `${face}: nothing melts on this face.`;
  return `${face}: a pool ${length(width)} wide that ends ${length(bead.poolBehind)} behind the gun, at ${spokenTravel(task.travel * 1000)}.`;
}
