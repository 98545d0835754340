import { ChevronDown, ChevronUp } from 'lucide-react';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { wireInWords } from '../../shared/sentences/wireInWords.js';
import type { Said } from '../../shared/saidJoint/readSentence.js';
import type { Spoken } from '../../shared/saidJoint/Spoken.js';

interface JointLineProps {
  spoken: Spoken;
  isOpen: boolean;
  /** Id of the sentence that it opens. */
  opens: string;
  onToggle: () => void;
}

/** On a phone: the joint in one line that opens the sentence; where a word is at fault the sentence stays open. */
export function JointLine({ spoken: { reading }, isOpen, opens, onToggle }: JointLineProps) {
  const Icon = isOpen ? ChevronUp : ChevronDown;
  return (
    <button
      type="button"
      className="mr-26 flex min-h-12 min-w-0 items-center gap-2 text-left sm:hidden"
      aria-expanded={isOpen}
      aria-controls={opens}
      onClick={onToggle}
    >
      <span className="min-w-0 leading-tight font-semibold">
        {reading.said === null ? 'A word is to be mended' : lineOf(reading.said)}
      </span>
      <Icon className="size-6 shrink-0 text-primary" aria-hidden="true" />
    </button>
  );
}

/** "304 stainless 1.5 mm butt, gap 0.1 mm, 0.8 mm wire, the bench unit". */
function lineOf({ joint, wireDiameterMm, machine }: Said): string {
  const wire = wireDiameterMm === null ? 'no wire' : `${wireInWords(wireDiameterMm)} wire`;
  return `${jointInWords(joint)}, ${wire}, ${machine.name}`;
}
