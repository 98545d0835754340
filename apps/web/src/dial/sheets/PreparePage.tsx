import { notInTheModel, preparation } from '@lone-heron/core';
import { Printer } from 'lucide-react';
import { Modal } from '../../shared/page/Modal.js';
import { preparationWords } from '../../shared/vocabulary/preparation.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import type { DialOutcome } from '../dialOutcome.js';

/** What this joint asks before light, short, and what the figures leave out. */
export function PreparePage({ outcome, onClose }: { outcome: DialOutcome; onClose: () => void }) {
  const { job, conditions, said } = outcome;
  const leftOut = notInTheModel(conditions);
  return (
    <Modal title="Before light" onClose={onClose}>
      <p className="mb-2 text-soft">{jointInWords(said.joint)}</p>
      <ol className="flex flex-col gap-2">
        {preparation(job, conditions).map(({ about, words }) => (
          <li key={`${about} ${words}`} className="flex gap-3 leading-snug">
            <strong className="w-16 shrink-0 font-semibold">{preparationWords[about]}</strong>
            <span>{words}</span>
          </li>
        ))}
      </ol>
      {leftOut.length > 0 && (
        <ul className="mt-3 border-t border-base-300 pt-2 text-soft" aria-label="Not in the figures">
          {leftOut.map(({ what, words }) => (
            <li key={what}>{words}</li>
          ))}
        </ul>
      )}
      <button type="button" className="btn touch-always mt-3 print:hidden" onClick={() => window.print()}>
        <Printer className="size-5" aria-hidden="true" /> Print
      </button>
    </Modal>
  );
}
