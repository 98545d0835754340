import type { HouseContent, HouseSheet } from '@lone-heron/contract';
import { isDeepStrictEqual } from 'node:util';
import { practiceQuestions, type PracticeTopic } from '@lone-heron/core';

const sheetNames: Readonly<Record<HouseSheet, string>> = {
  practice: 'the shop’s practice',
  units: 'the units of the house',
  wire: 'the wire on hand',
  nozzles: 'the nozzles on hand',
  prices: 'the prices',
  jobRates: 'the rates of jobs',
  acceptance: 'what a weld must show',
  glassWeights: 'the weights of what wears glass',
  losses: 'what outcomes cost',
};

/** What somebody changed on a sheet, for the history. */
export function changedInWords<Sheet extends HouseSheet>(
  sheet: Sheet,
  before: HouseContent[Sheet],
  after: HouseContent[Sheet],
): string {
  if (Array.isArray(after)) return `changed ${sheetNames[sheet]}: ${after.length} in all`;
  const rows = Object.entries(after as Readonly<Record<string, unknown>>);
  const was = before as Readonly<Record<string, unknown>>;
  const changed = rows.filter(([name, value]) => !isDeepStrictEqual(was[name], value));
  const words = changed.map(([name, value]) =>
    sheet === 'practice'
      ? schoolWords(name as PracticeTopic, String(value))
      : `${name} ${typeof value === 'object' ? lossesInWords(value) : String(value as string | number | boolean)}`,
  );
  return `changed ${sheetNames[sheet]}${words.length === 0 ? '' : `: ${words.join(', ')}`}`;
}

function lossesInWords(losses: object | null): string {
  return Object.entries(losses ?? {})
    .map(([outcome, loss]) => `${outcome} ${loss}`)
    .join(' ');
}

function schoolWords(topic: PracticeTopic, school: string): string {
  const { question, schools } = practiceQuestions[topic];
  const { name } = (schools as Readonly<Record<string, { readonly name: string }>>)[school] ?? {
    name: school,
  };
  return `${question} ${name}`;
}
