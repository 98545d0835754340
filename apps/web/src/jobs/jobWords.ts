import type { JobLine, JobState, JobWeld, JudgedWeld, OpenTest, WeldStanding } from '@lone-heron/contract';
import { seamRow } from '@lone-heron/core';
import { differenceInCalendarDays, format, isSameYear, parseISO } from 'date-fns';
import { spokenLength } from '../shared/figures/spoken.js';
import { metalName } from '../shared/vocabulary/metalNames.js';
import { testWords } from '../shared/vocabulary/testWords.js';
import { jointInWords } from '../shared/sentences/settingInWords.js';

/** How far a job is, in a word. */
export const stateWords: Readonly<Record<JobState, string>> = {
  planned: 'planned',
  quoted: 'quoted',
  released: 'at the bench',
  done: 'done',
};

/** What a weld's setting rests on, in a word, and what to do about it. */
export const standingWords: Readonly<Record<WeldStanding, { name: string; short: string; says: string }>> = {
  proven: { name: 'signed card', short: 'A signed card.', says: 'A signed card stands behind it.' },
  unsigned: {
    name: 'card not signed',
    short: 'Coupon first: its card is not signed.',
    says: 'Its card is not signed yet: prove it with a coupon first.',
  },
  adapted: {
    name: 'coupon first',
    short: 'Coupon first: adapted from a card.',
    says: 'A card is near and was adapted: weld a coupon first.',
  },
  computed: {
    name: 'coupon first',
    short: 'Coupon first: no card is near.',
    says: 'No card is near: the setting is computed. Weld a coupon first.',
  },
  retired: {
    name: 'card retired',
    short: 'Coupon first: its card is retired.',
    says: 'The card that was chosen is retired: weld a coupon first.',
  },
};

/** A day as people say it: "today", "Thursday", "4 Dec". */
export function dayInWords(day: string, now: Date): string {
  const date = parseISO(day);
  const days = differenceInCalendarDays(date, now);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days > 1 && days < 7) return format(date, 'EEEE');
  return format(date, isSameYear(date, now) ? 'd MMM' : 'd MMM yyyy');
}

/** When a job is due, and whether it is late: "by Thursday", "was due 4 Dec". */
export function dueInWords({ dueOn, state }: Pick<JobLine, 'dueOn' | 'state'>, now: Date): string | null {
  if (dueOn === null) return null;
  const isPast = differenceInCalendarDays(parseISO(dueOn), now) < 0;
  return isPast && state !== 'done' ? `was due ${dayInWords(dueOn, now)}` : `by ${dayInWords(dueOn, now)}`;
}

/** A weld in a line: joint, length, how often: "304 stainless 1.5 mm T, 40 mm ×2, both sides". */
export function weldInWords({ joint, lengthMm, count, closing }: JobWeld): string {
  const often = count === 1 ? '' : ` ×${count}`;
  const sides = joint.sides === 2 ? ', both sides' : '';
  const round = closing === null ? '' : ', closed';
  return `${jointInWords(joint)}, ${spokenLength(lengthMm)}${often}${sides}${round}`;
}

/** A weld in a few words, among others of its job: "T 1.5 mm, 40 mm ×2"; the metal where the job has several. */
export function weldInShort({ joint, lengthMm, count }: JobWeld, isOfMany: boolean): string {
  const { firstThicknessMm: first, secondThicknessMm: second, conditions } = joint;
  const sheets = first === second ? spokenLength(first) : `${spokenLength(first)} to ${spokenLength(second)}`;
  return [
    ...(isOfMany ? [metalName(joint.metal)] : []),
    `${seamRow(joint.kind).short} ${sheets},`,
    `${spokenLength(lengthMm)}${count === 1 ? '' : ` ×${count}`}`,
    ...(conditions?.stitches == null ? [] : ['stitched']),
    ...(joint.sides === 2 ? ['both sides'] : []),
  ].join(' ');
}

/** Minutes as people say them: "38 min", "1 h 50", "2.4 days of 8 h". */
export function minutesInWords(minutes: number): string {
  if (minutes < 1) return minutes === 0 ? '0 min' : 'under 1 min';
  if (minutes < 90) return `${Math.round(minutes)} min`;
  const whole = Math.round(minutes);
  if (minutes < 480) return `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`;
  return `${Math.round(minutes / 60)} h`;
}

/** A test that is open, with the seams that wait for it where others have had it: "look (seams 2, 3)". */
export function openInWords({ kind, seams }: OpenTest, { welded }: Pick<JudgedWeld, 'welded'>): string {
  const { name } = testWords[kind];
  return seams.length === welded ? name : `${name} (${seamsInWords(seams)})`;
}

/** "seam 2", "seams 2, 3". */
export function seamsInWords(seams: readonly number[]): string {
  return `${seams.length === 1 ? 'seam' : 'seams'} ${seams.join(', ')}`;
}

/** What a verdict on a weld says nothing of yet; nothing once all its seams are welded. */
export function stillToWeld({ standing, toWeld }: Pick<JudgedWeld, 'standing' | 'toWeld'>): string {
  if (toWeld === 0 || standing === 'notWelded') return '';
  const seams = `${toWeld} ${toWeld === 1 ? 'seam' : 'seams'}`;
  return standing === 'accepted' ? ` as far as welded, ${seams} to weld` : `; ${seams} still to weld`;
}
