import { useState } from 'react';
import { useKey } from '../shared/keys/useKey.js';
import { Modal } from '../shared/Modal.js';

const keys = [
  ['/', 'start the sentence on Dial'],
  ['← →', 'walk from word to word'],
  ['↑ ↓', 'turn the focused knob by the machine’s step'],
  ['Page Up, Page Down', 'turn it ten steps'],
  ['L', 'log a coupon of what is dialled'],
  ['1 to 5', 'in the log: what the back looked like'],
  ['Enter', 'save what is open'],
  ['Escape', 'leave what is open'],
  ['?', 'these keys'],
] as const;

/** The keys, on the key they are asked for with. */
export function KeysHelp() {
  const [isOpen, setOpen] = useState(false);
  useKey('?', () => setOpen(true));
  if (!isOpen) return null;
  return (
    <Modal title="Keys" onClose={() => setOpen(false)}>
      <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-6 gap-y-2">
        {keys.map(([key, what]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="kbd">{key}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
