import type { HouseUnits } from '@lone-heron/contract';
import { figure } from '../figures/figures.js';
import { lengthFigure, mmPerInch } from '../figures/houseUnits.js';
import { TypedWord, type TypedWordProps } from './TypedWord.js';

interface LengthWordProps extends Pick<TypedWordProps, 'name' | 'text' | 'fault' | 'accepts' | 'onSay'> {
  /** In mm, where it was understood. */
  lengthMm: number | null;
  units: Pick<HouseUnits, 'length'>;
}

/** A length in the sentence, typed in any unit. */
export function LengthWord({ text, lengthMm, units, ...word }: LengthWordProps) {
  const said = lengthMm === null ? null : lengthFigure(lengthMm, units);
  const isOtherwise = lengthMm !== null && !isPlain(text, lengthMm, units);
  return <TypedWord {...word} text={text} said={said} isOtherwise={isOtherwise} />;
}

/** Whether a word says its length already as the house writes it. */
function isPlain(text: string, lengthMm: number, { length }: Pick<HouseUnits, 'length'>): boolean {
  const said = /^([\d.]+)\s*(mm|in)$/.exec(text.trim().replace(',', '.'));
  if (said === null || said[2] !== length) return false;
  return figure(Number(said[1]), 4) === figure(length === 'mm' ? lengthMm : lengthMm / mmPerInch, 4);
}
