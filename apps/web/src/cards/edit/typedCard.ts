import {
  cardContentSchema,
  coreSetting,
  recordedSetting,
  type CardContent,
  type Machine,
  type NamedLevel,
} from '@lone-heron/contract';
import { turnKnob, type NozzleShape } from '@lone-heron/core';
import { panelFigure, panelRows, type PanelRow } from '../../shared/panel/panelKnobs.js';
import { readTypedKnob, type TypedKnob } from '../../shared/panel/typedKnob.js';
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
  readonly knobs: Readonly<Partial<Record<PanelRow['knob'], string>>>;
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
  readonly knobs: readonly { readonly row: PanelRow; readonly text: string; readonly read: TypedKnob }[];
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
  const knobs = panelRows(machine.profile, coreSetting(begin.setting)).map((row) => {
    const text = typed.knobs[row.knob] ?? panelFigure(row, row.value);
    const isUntouched = text === panelFigure(row, row.value);
    return { row, text, read: isUntouched ? { value: row.value } : readTypedKnob(text, row) };
  });
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
  const setting = settingOf(begin, knobs);
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

/** The setting with the knobs that were turned; one that nobody touched stays as it was recorded. */
function settingOf({ setting }: CardContent, knobs: ReadCard['knobs']): CardContent['setting'] | null {
  let dialled = coreSetting(setting);
  let isTurned = false;
  for (const { row, read } of knobs) {
    if (!('value' in read)) return null;
    if (read.value === row.value) continue;
    dialled = turnKnob(dialled, row.knob, read.value);
    isTurned = true;
  }
  if (!isTurned) return setting;
  const { gas, gasFlowLMin, pace, modulationHz } = setting;
  const filler = pace.by === 'wire' ? pace.filler : undefined;
  const turned = recordedSetting(dialled, gas, gasFlowLMin, filler);
  return modulationHz === undefined ? turned : { ...turned, modulationHz };
}
