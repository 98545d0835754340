import type { Machine, Setting } from '@lone-heron/contract';
import { useState } from 'react';
import { Modal } from '../../shared/page/Modal.js';
import { KnobFields } from '../../shared/panel/KnobFields.js';
import { readTypedKnobs, settingWith, type TypedKnobs } from '../../shared/panel/typedSetting.js';

interface DialledOtherwiseProps {
  planned: Setting;
  machine: Machine;
  onClose: () => void;
  /** Null for what was planned after all. */
  onDial: (setting: Setting | null) => void;
}

/** What was really dialled, where it is not what the plan says. */
export function DialledOtherwise({ planned, machine, onClose, onDial }: DialledOtherwiseProps) {
  const [typed, setTyped] = useState<TypedKnobs>({});
  const knobs = readTypedKnobs(planned, typed, machine);
  const setting = settingWith(planned, knobs);
  return (
    <Modal title="What was dialled" onClose={onClose}>
      <div className="flex flex-col gap-3">
        <div className="grid grid-cols-2 gap-3">
          <KnobFields knobs={knobs} typed={typed} onType={setTyped} />
        </div>
        <div className="flex flex-wrap justify-end gap-2">
          <button type="button" className="btn touch-always" onClick={() => onDial(null)}>
            As planned after all
          </button>
          <button
            type="button"
            className="btn touch-always btn-primary"
            disabled={setting === null}
            onClick={() => onDial(setting === planned ? null : setting)}
          >
            This was dialled
          </button>
        </div>
      </div>
    </Modal>
  );
}
