import { cutHeadOf, cutJobOf, cutSettingOf, isAlike, type HandMode } from '@lone-heron/contract';
import { barGauge, cutFigures, inMm, mm } from '@lone-heron/core';
import { figure, percentFigure } from '../../shared/figures/figures.js';
import { spokenFlow, spokenLength, spokenTravel } from '../../shared/figures/spoken.js';
import { spokenPressure, spokenRise } from '../../shared/figures/spokenStates.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import type { ModeFigures } from './modeFigures.js';
import type { ModeAnswer } from './useModeDial.js';

/** Something that stands in the way, or is to be known before the light: with its value and what helps. */
interface ModeNotice {
  readonly words: string;
  /** Whether it spoils the work, or is only good to know. */
  readonly isFault: boolean;
}

type NoticesOf = {
  readonly [Mode in HandMode]: (
    answer: ModeAnswer<Mode>,
    figures: ModeFigures[Mode],
  ) => readonly (ModeNotice | null)[];
};

const fault = (words: string): ModeNotice => ({ words, isFault: true });
const note = (words: string): ModeNotice => ({ words, isFault: false });

/** Rows closer than this leave no stripes on the safe side. */
const rowsWanted = 1.5;

/** What is wrong with a setting, by mode, and what mends it. */
export const modeNotices: NoticesOf = {
  clean: ({ setting, shop }, { rowsOverOnePlace, passRise, sheetRise, riseLimit, dashes }) => [
    rowsOverOnePlace >= rowsWanted
      ? null
      : fault(
          `Rows lie ${figure(1 / rowsOverOnePlace, 1)} spots apart and leave stripes: go at ${spokenTravel((setting.paceMmS * rowsOverOnePlace) / rowsWanted)} at most, or sweep at ${figure((setting.rateHz * rowsWanted) / rowsOverOnePlace, 0)} Hz.`,
        ),
    passRise > riseLimit
      ? fault(
          `One pass warms this sheet by ${spokenRise(passRise)}, and from ${spokenRise(riseLimit)} it may colour or give: less power, or a quicker pace.`,
        )
      : sheetRise > riseLimit
        ? note(
            `${setting.passes} passes at once warm it by ${spokenRise(sheetRise)}, past ${spokenRise(riseLimit)}: let it cool between them.`,
          )
        : null,
    dashes !== null && inMm(dashes.dark) > (shop.machine.profile.cleaning?.spotMm ?? 0)
      ? note(
          `Pulses leave dashes ${spokenLength(inMm(dashes.dark))} apart in a sweep, which only further rows fill: more pulses a second, or light that stays on.`,
        )
      : null,
  ],
  cut: (answer, figures) => [airNotice(answer, figures), lostNotice(answer)],
  spot: (answer, figures) => pulseNotices(answer, figures),
  seam: (answer, figures) => [
    ...pulseNotices(answer, figures),
    (figures.overlap ?? 0) > 0
      ? null
      : fault('The spots do not touch: a slower pace, or more pulses a second, closes the seam.'),
  ],
};

/** A bore that passes more than there is starves itself: the gauge falls when the light goes on. */
function airNotice(
  { work, setting, shop }: ModeAnswer<'cut'>,
  { flow }: ModeFigures['cut'],
): ModeNotice | null {
  const { profile, name } = shop.machine;
  const gives = profile.cutting?.airLMin ?? null;
  if (work.gas !== 'air') return null;
  if (gives === null)
    return note(
      `The bore passes ${spokenFlow(flow * 60_000)}; what the compressor gives is not written down. Say it under Shop, ${name}.`,
    );
  if (flow * 60_000 <= gives) return null;
  const head = cutHeadOf(profile);
  if (head === null) return null;
  const passes = (boreMm: number, pressureBar: number) => {
    const job = { ...cutJobOf(work, head, profile), bore: mm(boreMm), pressure: barGauge(pressureBar) };
    return cutFigures(job, cutSettingOf(setting)).flow * 60_000;
  };
  const smaller = (profile.cutting?.boresMm ?? []).filter((bore) => passes(bore, work.pressureBar) <= gives);
  const bore = smaller.length === 0 ? null : Math.max(...smaller);
  // Flow through a choked bore goes with the pressure in front of it, counted from nothing.
  const bar = Math.floor(((work.pressureBar + 1) * gives) / (flow * 60_000) - 1);
  const instead = [
    ...(bore === null ? [] : [`a bore of ${spokenLength(bore)}`]),
    ...(bar >= 1 ? [`${spokenPressure(bar)} at most`] : []),
  ].join(', or ');
  return fault(
    `A bore of ${spokenLength(work.boreMm)} passes ${spokenFlow(flow * 60_000)} at ${spokenPressure(work.pressureBar)}; the compressor gives ${spokenFlow(gives)}. ${instead === '' ? 'It needs a larger compressor.' : `Take ${instead}.`}`,
  );
}

function lostNotice(answer: ModeAnswer<'cut'>): ModeNotice | null {
  const { odds, work, shop } = answer;
  const lost = `${percentFigure(odds.sparksUp)} that sparks come back up, which is where windows go`;
  if (odds.sparksUp > 0.4)
    return fault(
      isComputed(answer)
        ? `${sentenceStart(shop.machine.name)} hardly gets through ${spokenLength(work.thicknessMm)}: ${lost}. Thinner sheet, or a saw.`
        : `So set, ${lost}: a slower pace, or more power.`,
    );
  if (odds.weldedShut > 0.25)
    return fault(
      `The gas is weak for this sheet: ${percentFigure(odds.weldedShut)} that the kerf closes again. ${strongerGas(answer)}`,
    );
  return null;
}

/** What of this machine makes its gas stronger in the kerf: pressure it has not given yet, a bore that wastes less. */
function strongerGas({ work, shop }: ModeAnswer<'cut'>): string {
  const { cutting } = shop.machine.profile;
  const ways = [
    ...(cutting !== null && work.pressureBar < cutting.mostBar ? ['more pressure'] : []),
    ...(cutting?.boresMm.some((bore) => bore < work.boreMm) === true ? ['a smaller bore'] : []),
  ];
  return ways.length === 0 ? 'Thinner sheet, or a saw.' : `${sentenceStart(ways.join(', or '))}.`;
}

/** Whether nobody turned a knob away from what is computed: what then goes wrong is the machine's limit. */
function isComputed({ setting, suggested }: Pick<ModeAnswer<HandMode>, 'setting' | 'suggested'>): boolean {
  return isAlike(setting, suggested);
}

/** Where a pulse spits so often, how deep it would go is no more the question. */
const spitsOften = 0.4;

function pulseNotices(
  answer: ModeAnswer<'spot'> | ModeAnswer<'seam'>,
  { deep, depthMm, holdsMm }: ModeFigures['spot'],
): readonly (ModeNotice | null)[] {
  const { odds, work, shop } = answer;
  if (depthMm === 0)
    return [
      fault(
        isComputed(answer)
          ? `${sentenceStart(shop.machine.name)} does not melt this face with any pulse it can repeat.`
          : 'This pulse does not melt the face: more current, a longer pulse, or a smaller spot.',
      ),
    ];
  if (odds.blown > spitsOften)
    return [
      fault(
        `${percentFigure(odds.blown)} that it spits: less current for longer, or a wider spot, is gentler.`,
      ),
    ];
  if (deep >= 0.5) return [];
  const more = isComputed(answer)
    ? 'The machine gives no more.'
    : 'More current or a longer pulse goes deeper.';
  return [
    fault(
      `Likely ${spokenLength(holdsMm)} deep where ${spokenLength(work.wantedMm)} is wanted: ${percentFigure(deep)} that it reaches. ${odds.blown > 0.2 ? 'More would spit.' : more}`,
    ),
  ];
}
