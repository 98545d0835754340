import type { Joint, Setting } from '@lone-heron/contract';
import { jointInWords } from '../shared/sentences/settingInWords.js';
import { wireInWords } from '../shared/sentences/wireInWords.js';

/** A name to begin with: the joint, and the wire where one is fed. */
export function proposedName(joint: Joint, { pace }: Setting): string {
  const wire = pace.by === 'wire' ? `, ${wireInWords(pace.wireDiameterMm)} wire` : '';
  return `${jointInWords(joint)}${wire}`.slice(0, 80);
}
