import { BookOpen } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import { Modal } from '../shared/page/Modal.js';
import { pageHelp } from './pageHelp.js';
import { TourButton } from './TourButton.js';

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
  ['?', 'this help'],
];

/** What to know of the page that is shown, its keys, then those that work everywhere; the handbook; the tour. */
export default function HelpSheet({ onClose }: { onClose: () => void }) {
  const { pathname } = useLocation();
  const { title, know, chapter } = pageHelp(pathname);
  const isDial = pathname.startsWith('/dial');
  return (
    <Modal title={title} onClose={onClose}>
      <ul className="ml-5 flex list-disc flex-col gap-1 text-lg">
        {know.map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
      <div className="my-4 flex flex-wrap gap-3">
        <Link className="btn touch-always btn-primary" to={`/help/${chapter}`} onClick={onClose}>
          <BookOpen className="size-5" aria-hidden="true" /> In the handbook
        </Link>
        <TourButton onStart={onClose} />
      </div>
      <h3 className="mb-2 font-semibold">Keys</h3>
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
