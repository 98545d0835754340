import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LengthWord } from './LengthWord.js';

function show(text: string, lengthMm: number | null = 1.5) {
  const onSay = jest.fn();
  const accepts = (typed: string) => /^\d+(\.\d+)? mm$/.test(typed);
  render(
    <LengthWord
      name="Gap"
      text={text}
      lengthMm={lengthMm}
      units={{ length: 'mm' }}
      fault={undefined}
      accepts={accepts}
      onSay={onSay}
    />,
  );
  return { onSay, field: screen.getByRole('textbox', { name: 'Gap' }) };
}

describe('a typed word', () => {
  it('takes effect as soon as it is good, and not before', async () => {
    const { onSay, field } = show('1.5 mm');
    await userEvent.clear(field);
    await userEvent.type(field, '2.5 mm');
    expect(onSay.mock.calls).toEqual([['2.5 mm']]);
  });

  it('hands on what is not good only when it is left, as it was typed', async () => {
    const { onSay, field } = show('1.5 mm');
    await userEvent.clear(field);
    await userEvent.type(field, 'wide');
    expect(onSay).not.toHaveBeenCalled();
    await userEvent.tab();
    expect(onSay.mock.calls).toEqual([['wide']]);
  });

  it('is put back by Escape', async () => {
    const { onSay, field } = show('1.5 mm');
    await userEvent.type(field, 'x{Escape}');
    expect((field as HTMLInputElement).value).toBe('1.5 mm');
    await userEvent.tab();
    expect(onSay).not.toHaveBeenCalled();
  });

  it.each([
    ['16 ga', 1.5875, '= 1.59 mm'],
    ['.063', 1.6002, '= 1.6 mm'],
    ['2', 2, '= 2 mm'],
  ])('said as %s shows its mm', (text, lengthMm, shown) => {
    show(text, lengthMm);
    expect(screen.getByText(shown)).toBeTruthy();
  });

  it('said in mm does not repeat them', () => {
    show('1,5 mm', 1.5);
    expect(screen.queryByText(/=/)).toBeNull();
  });
});
