import { cardContentSchema, type CardContent, type Machine, type NamedLevel } from '@lone-heron/contract';
import type { NozzleShape } from '@lone-heron/core';
import {
  readTypedKnobs,
  settingWith,
  type ReadKnob,
  type TypedKnobs,
} from '../../shared/panel/typedSetting.js';
import { figure } from '../../shared/figures/figures.js';
import { readTypedOver, type TypedValue } from '../../shared/figures/readTyped.js';
import { cardFieldNames, cardFields, fieldsAroundLight, type CardField } from './cardFields.js';
import { typedText } from '../../shared/figures/spoken.js';

/** With which the fields begin. */
const fieldDecimals = 2;

/** A card as it is being typed. */
export interface TypedCard {
  readonly name: string;
  readonly notes: string;
  readonly tags: string;
  readonly shape: NozzleShape;
  readonly isGrooved: boolean;
  readonly level: string;
  readonly fields: Readonly<Record<CardField, string>>;
  /** By knob, in the panel's unit; a knob that is not here stands as it was. */
  readonly knobs: TypedKnobs;
}

export function typedFrom(content: CardContent): TypedCard {
  const { name, notes, tags, nozzle, level, focusMm, gunAngleDeg } = content;
  return {
    ...{ name, notes, tags: tags.join(', '), shape: nozzle.shape, isGrooved: nozzle.isGrooved },
    level: level.name,
    fields: {
      focusMm: typedText(focusMm, 'mm', fieldDecimals),
      gunAngleDeg: figure(gunAngleDeg, fieldDecimals),
      boreMm: typedText(nozzle.boreMm, 'mm', fieldDecimals),
      gasBeforeS: figureIfSaid(content.gasBeforeS),
      rampUpS: figureIfSaid(content.rampUpS),
      rampDownS: figureIfSaid(content.rampDownS),
      gasAfterS: figureIfSaid(content.gasAfterS),
    },
    knobs: {},
  };
}

function figureIfSaid(seconds: number | undefined): string {
  return seconds === undefined ? '' : figure(seconds, fieldDecimals);
}

/** What was read of a typed card. */
export interface ReadCard {
  /** Null while something is at fault. */
  readonly content: CardContent | null;
  /** Null for one that is empty and may be. */
  readonly fields: Readonly<Record<CardField, TypedValue | null>>;
  readonly knobs: readonly ReadKnob[];
}

/**
 * Reads a typed card over the one it began as.
 *
 * @param levels of the shop; the card's own is kept where its name was not changed
 */
export function readCard(
  typed: TypedCard,
  begin: CardContent,
  machine: Machine,
  levels: readonly NamedLevel[],
): ReadCard {
  const fields = Object.fromEntries(
    cardFieldNames.map((name) => [name, readField(name, typed.fields[name], begin)]),
  ) as ReadCard['fields'];
  const knobs = readTypedKnobs(begin.setting, typed.knobs, machine);
  return { content: contentOf(typed, begin, levels, { fields, knobs }), fields, knobs };
}

function readField(name: CardField, text: string, begin: CardContent): TypedValue | null {
  const mayBeEmpty = fieldsAroundLight.some((each) => each === name);
  if (mayBeEmpty && text.trim() === '') return null;
  const was = name === 'boreMm' ? begin.nozzle.boreMm : begin[name];
  return readTypedOver(was, text, cardFields[name].quantity, fieldDecimals);
}

function contentOf(
  typed: TypedCard,
  begin: CardContent,
  levels: readonly NamedLevel[],
  { fields, knobs }: Omit<ReadCard, 'content'>,
): CardContent | null {
  const values: Partial<Record<CardField, number>> = {};
  for (const name of cardFieldNames) {
    const read = fields[name];
    if (read === null) continue;
    if ('fault' in read) return null;
    values[name] = read.value;
  }
  const { boreMm, ...said } = values;
  const setting = settingWith(begin.setting, knobs);
  if (setting === null) return null;
  const level =
    typed.level === begin.level.name ? begin.level : levels.find(({ name }) => name === typed.level);
  const { gasBeforeS: _before, rampUpS: _up, rampDownS: _down, gasAfterS: _after, ...kept } = begin;
  const content = {
    ...kept,
    ...said,
    setting,
    name: typed.name,
    notes: typed.notes,
    tags: typed.tags.split(',').flatMap((tag) => (tag.trim() === '' ? [] : [tag.trim()])),
    nozzle: { shape: typed.shape, isGrooved: typed.isGrooved, boreMm },
    level,
  };
  return cardContentSchema.safeParse(content).data ?? null;
}
