import { readWhole } from './readWhole.js';

it.each([
  ['1', 1],
  [' 500 ', 500],
])('reads %j', (text, value) => {
  expect(readWhole('how many', text, 500)).toEqual({ value });
});

it.each(['', '0', '501', '1.5', '-2', '1e2', 'ten'])('says of %j what is allowed', (text) => {
  expect(readWhole('how many', text, 500)).toEqual({
    fault: `how many “${text}”: allowed is a whole number from 1 to 500.`,
  });
});
