import { frameAt, inMm, metre, tintAsSeen, type TintBelief, type WeldHeatInput } from '@lone-heron/core';
import { useMemo, useRef, useState } from 'react';
import { useBoxSize } from '../../shared/drawing/useBoxSize.js';
import { spokenLength, spokenTravel } from '../../shared/figures/spoken.js';
import { HeatClock } from '../../shared/heat/HeatClock.js';
import { HeatCurve } from './HeatCurve.js';
import { HeatFacts } from './HeatFacts.js';
import { HeatPicture, type HeatPoint } from './HeatPicture.js';
import { HeatScale } from './HeatScale.js';
import type { HeatLook } from './heatWindow.js';
import { temperatureWords } from '../../shared/heat/heatFigures.js';
import { momentWords } from './heatWords.js';
import { UnderWay } from '../../shared/worker/UnderWay.js';
import { useField, type ShownField } from './useField.js';
import { useTintBelief } from './useTintBelief.js';

/** Temperatures around the gun and after it, on a section or a face, with what they leave. */
export default function FieldPanel({ task, look }: { task: WeldHeatInput; look: HeatLook }) {
  const field = useField(task);
  const belief = useTintBelief(task.metal);
  const shown = useMemo(() => coloured(field.shown, belief), [field.shown, belief]);
  return (
    <>
      {shown !== null && (
        <FieldShown
          key={look}
          shown={shown}
          belief={belief}
          look={look}
          isOld={field.done !== null || field.fault !== null}
        />
      )}
      <UnderWay worked={field} what="the heat" />
    </>
  );
}

/** A field with its colours as this shop has seen them come out. */
function coloured(shown: ShownField | null, belief: TintBelief): ShownField | null {
  if (shown === null || shown.answer.tint === null) return shown;
  return { ...shown, answer: { ...shown.answer, tint: tintAsSeen(shown.answer.tint, belief) } };
}

const unmeasured = { width: 424, height: 180 };

interface FieldShownProps {
  shown: ShownField;
  belief: TintBelief;
  look: HeatLook;
  isOld: boolean;
}

function FieldShown({ shown, belief, look, isOld }: FieldShownProps) {
  const frameBox = useRef<HTMLDivElement>(null);
  const page = useBoxSize(frameBox, unmeasured);
  const { times } = shown.answer.heat;
  const [picked, setPicked] = useState<number | null>(null);
  const [point, setPoint] = useState<HeatPoint | null>(null);
  const hottest = useMemo(() => hottestFrame(shown), [shown]);
  const frame = Math.min(picked ?? hottest, times.length - 1);
  return (
    <div className={`flex min-h-0 grow flex-col gap-1 overflow-y-auto ${isOld ? 'opacity-60' : ''}`}>
      <div ref={frameBox} className="relative min-h-24 grow overflow-hidden rounded-md">
        <HeatPicture
          shown={shown}
          look={look}
          frame={frame}
          page={page}
          words={pictureWords(shown, look, frame)}
          point={point}
          onPoint={setPoint}
        />
      </div>
      <HeatScale shown={shown} />
      {look === 'section' && (
        <HeatClock
          frames={times.length}
          sayMoment={(each) => momentWords(times[each] ?? 0)}
          frame={frame}
          onFrame={setPicked}
        />
      )}
      {point === null ? (
        <HeatFacts shown={shown} belief={belief} />
      ) : (
        <HeatCurve shown={shown} look={look} point={point} onClose={() => setPoint(null)} />
      )}
    </div>
  );
}

/** The moment at which most is molten, which is what a section is looked at for. */
function hottestFrame({ answer }: ShownField): number {
  const { frames, law } = answer.heat;
  const molten = frames.map((frame) =>
    frame.reduce((count, rise) => count + (rise >= law.liquidus ? 1 : 0), 0),
  );
  const most = Math.max(...molten);
  return most > 0 ? molten.indexOf(most) : frameAt(answer.heat.times, 0)[0];
}

/** The picture for who cannot see it. */
function pictureWords({ answer, task }: ShownField, look: HeatLook, frame: number): string {
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
