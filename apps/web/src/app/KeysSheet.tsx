import { useLocation } from 'react-router';
import { Modal } from '../shared/page/Modal.js';

type Keys = readonly (readonly [key: string, what: string])[];

const dialKeys: Keys = [
  ['/', 'say the joint at once; again a joint of before'],
  ['← →', 'walk from word to word'],
  ['↑ ↓', 'turn the focused knob or grip by the machine’s step'],
  ['Page Up, Page Down', 'turn it ten steps'],
  ['[ ]', 'the way before, the way after'],
  ['P', 'what this joint asks before light'],
  ['K', 'keep the setting on a card'],
  ['C', 'compare settings side by side'],
  ['L', 'log a coupon of what is dialled'],
  ['1 to 5', 'in the log: what the back looked like'],
  ['Ctrl Z, Ctrl Y', 'undo a change, do it again'],
];

const everywhere: Keys = [
  ['Tab', 'the next thing to press or fill in'],
  ['Enter', 'save what is open'],
  ['Escape', 'leave what is open'],
  ['?', 'these keys'],
];

/** The keys of the screen that is shown, then those that work everywhere. */
export default function KeysSheet({ onClose }: { onClose: () => void }) {
  const { pathname } = useLocation();
  const isDial = pathname.startsWith('/dial');
  return (
    <Modal title={isDial ? 'Keys on Dial' : 'Keys'} onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-6 gap-y-2">
        {[...(isDial ? dialKeys : []), ...everywhere].map(([key, what]) => (
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
