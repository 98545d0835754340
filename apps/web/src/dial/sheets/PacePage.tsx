import { Volume2, VolumeX } from 'lucide-react';
import { useState } from 'react';
import { Modal } from '../../shared/page/Modal.js';
import { PickField } from '../../shared/form/PickField.js';
import { figure } from '../../shared/figures/figures.js';
import { lengthFigure, travelFigure } from '../../shared/figures/houseUnits.js';
import type { DialOutcome } from '../dialOutcome.js';
import { useMetronome } from './useMetronome.js';

const marks = ['5', '10', '20', '25', '50'] as const;

/** The pace of the hand in clicks and light: one for each mark on the scrap. */
export function PacePage({ outcome, onClose }: { outcome: DialOutcome; onClose: () => void }) {
  const [markMm, setMark] = useState<(typeof marks)[number]>('10');
  const [isMuted, setMuted] = useState(false);
  const { units } = outcome.house;
  const travelMmS = outcome.forecast.travel * 1000;
  const seconds = Number(markMm) / travelMmS;
  const { isRunning, beat, start, stop } = useMetronome(seconds, isMuted);
  return (
    <Modal title="Pace of the hand" onClose={onClose}>
      <p>
        Chalk a mark every {lengthFigure(Number(markMm), units)} on scrap; be at the next with every click and
        flash: {travelFigure(travelMmS, units)}, {figure(seconds, 2)} s from mark to mark. Four clicks count
        you in.
      </p>
      <div
        className={`my-4 flex h-40 items-center justify-center rounded-box border-2 border-base-300 ${isRunning && beat % 2 === 0 ? 'bg-warning' : 'bg-base-200'}`}
        role="img"
        aria-label={isRunning ? 'Flashes with every click' : 'Still'}
      >
        <strong className="figure text-6xl">{!isRunning ? '·' : beat < 4 ? beat - 4 : beat - 3}</strong>
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <PickField
          label="Marks every"
          value={markMm}
          choices={marks.map((value) => ({ value, label: lengthFigure(Number(value), units) }))}
          onPick={setMark}
        />
        <button
          type="button"
          className="btn touch-always"
          aria-pressed={isMuted}
          onClick={() => setMuted(!isMuted)}
        >
          {isMuted ? (
            <VolumeX className="size-5" aria-hidden="true" />
          ) : (
            <Volume2 className="size-5" aria-hidden="true" />
          )}
          Mute
        </button>
        <button
          type="button"
          data-start=""
          className="btn touch-always ml-auto btn-primary"
          onClick={isRunning ? stop : start}
        >
          {isRunning ? 'Stop' : 'Start'}
        </button>
      </div>
      <p className="caution mt-3 p-2 text-sm" role="note">
        For practice on scrap with the light off, or with somebody to watch: eyes stay on the weld.
      </p>
    </Modal>
  );
}
