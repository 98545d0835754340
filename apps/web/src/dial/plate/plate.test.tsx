import type { PanelFace } from '@lone-heron/contract';
import { fraction, mm, mmPerSecond, hertz, watt, type WeldSetting } from '@lone-heron/core';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { KnobRow } from './KnobRow.js';
import { behindPanel, panelFigure, panelRows, type PanelRow } from '../../shared/panel/panelKnobs.js';
import { readTypedKnob, turnedBy } from '../../shared/panel/typedKnob.js';

const setting: WeldSetting = {
  power: watt(870),
  duty: fraction(1),
  wobble: { shape: 'sideToSide', width: mm(2), frequency: hertz(60) },
  pace: { by: 'wire', diameter: mm(0.8), wireSpeed: mmPerSecond(67 / 6) },
};
const rows = panelRows(sampleMachine.profile, setting);
const row = (knob: PanelRow['knob']) => rows.find((one) => one.knob === knob) as PanelRow;

describe('the rows of the plate', () => {
  it('come in the panel’s order, in the panel’s units', () => {
    expect(rows.map((one) => [one.name, panelFigure(one, one.value), one.scale.unit])).toEqual([
      ['Wobble rate', '60', 'Hz'],
      ['Power', '58', '%'],
      ['Wire', '67', 'cm/min'],
      ['Wobble width', '2.0', 'mm'],
    ]);
  });

  it('end with the travel where the hand sets it, and leave out what is not there', () => {
    const byHand: WeldSetting = {
      ...setting,
      wobble: { shape: 'none' },
      pace: { by: 'hand', travel: mmPerSecond(8) },
    };
    expect(panelRows(sampleMachine.profile, byHand).map(({ knob }) => knob)).toEqual(['power', 'travel']);
  });

  it('never turn a wobble down to nothing', () => {
    expect(row('wobbleWidth').least).toBeCloseTo(0.0001, 9);
  });
});

describe('a panel with a way of its own', () => {
  const face = { knob: 'wobbleWidth', name: '', preset: 2, perNotch: 0.25, perNotchBelow: 0.5 } as const;
  const rowWith = (changes: Partial<PanelFace>) => {
    const panelFaces = [{ ...face, shows: 'relative' as const, ...changes }];
    const faced = panelRows({ ...sampleMachine.profile, panelFaces }, setting);
    return faced.find((one) => one.knob === panelFaces[0]?.knob) as PanelRow;
  };

  it('is said in notches from its preset, with the millimetres behind them', () => {
    const swing = rowWith({ name: 'Swing' });
    expect([swing.name, panelFigure(swing, swing.value), swing.scale.unit]).toEqual([
      'Swing',
      '0',
      'notches',
    ]);
    expect(behindPanel(swing)).toBe('2.0 mm');
    expect(turnedBy(3, swing)).toBeCloseTo(0.00275, 9);
    expect(readTypedKnob('4', swing)).toEqual({ value: expect.closeTo(0.003, 9) });
    expect(readTypedKnob('2.6 mm', swing)).toEqual({ value: expect.closeTo(0.0025, 9) });
    expect(readTypedKnob('40', swing)).toEqual({ fault: 'swing “40”: allowed is -8 to 8 notches.' });
  });

  it('shows the sign of a signed knob, calibrated on each side of nought', () => {
    const signed = rowWith({ shows: 'signed' });
    expect(panelFigure(signed, 0.0025)).toBe('+2');
    expect(panelFigure(signed, 0.001)).toBe('-2');
    expect(turnedBy(-1, signed)).toBeCloseTo(0.0015, 9);
  });

  it('gives a wobble rate as its sweep speed where the panel does', () => {
    const sweep = rowWith({ knob: 'wobbleRate', shows: 'sweepSpeed' });
    expect([panelFigure(sweep, sweep.value), sweep.scale.unit, behindPanel(sweep)]).toEqual([
      '240',
      'mm/s',
      '60 Hz',
    ]);
    expect(readTypedKnob('320', sweep)).toEqual({ value: expect.closeTo(80, 6) });
    expect(readTypedKnob('70 Hz', sweep)).toEqual({ value: expect.closeTo(70, 6) });
  });
});

describe('typing into a knob', () => {
  it.each<[PanelRow['knob'], string, number]>([
    ['power', '60', 900],
    ['power', '60 %', 900],
    ['power', '1.2 kW', 1200],
    ['power', '908 W', 915],
    ['wobbleWidth', '2,5', 0.0025],
    ['wobbleRate', '0.08 kHz', 80],
    ['wireSpeed', '60', 0.01],
    ['wireSpeed', '0.6 m/min', 0.01],
  ])('%s of “%s” is %d in SI, on the panel’s steps', (knob, text, value) => {
    expect(readTypedKnob(text, row(knob))).toEqual({ value: expect.closeTo(value, 6) });
  });

  it.each<[PanelRow['knob'], string, string]>([
    ['power', '140', 'power “140”: allowed is 10 to 100 %.'],
    ['power', 'full', 'power “full”'],
    ['wireSpeed', '9 m/min', 'wire “9 m/min”: allowed is 10 to 400 cm/min.'],
  ])('%s of “%s” is refused', (knob, text, message) => {
    expect(readTypedKnob(text, row(knob))).toEqual({ fault: expect.stringContaining(message) });
  });
});

describe('a knob', () => {
  function show() {
    const onTurn = jest.fn();
    render(
      <KnobRow
        row={row('power')}
        usable={null}
        hint={null}
        isTurned={false}
        isHeld={false}
        onTurn={onTurn}
        onRelease={jest.fn()}
        onHold={jest.fn()}
        onWhy={jest.fn()}
      />,
    );
    return { onTurn, field: screen.getByRole<HTMLInputElement>('spinbutton', { name: 'Power, %' }) };
  }

  it('turns by the machine’s step with its buttons and arrow keys, and ten with Page Up', async () => {
    const { onTurn, field } = show();
    await userEvent.click(screen.getByRole('button', { name: 'More Power' }));
    await userEvent.click(screen.getByRole('button', { name: 'Less Power' }));
    field.focus();
    await userEvent.keyboard('{ArrowUp}{PageUp}');
    expect(onTurn.mock.calls.map(([value]: [number]) => Math.round(value))).toEqual([885, 855, 885, 1020]);
  });

  it('keeps what it cannot take in view with what it can, and takes nothing from it', async () => {
    const { onTurn, field } = show();
    await userEvent.clear(field);
    await userEvent.type(field, '140{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('allowed is 10 to 100 %');
    expect(field.value).toBe('140');
    expect(onTurn).not.toHaveBeenCalled();
    await userEvent.keyboard('{Escape}');
    expect(field.value).toBe('58');
  });

  it('takes a typed figure when it is left', async () => {
    const { onTurn, field } = show();
    await userEvent.clear(field);
    await userEvent.type(field, '70');
    await userEvent.tab();
    expect(onTurn).toHaveBeenLastCalledWith(1050);
  });
});
