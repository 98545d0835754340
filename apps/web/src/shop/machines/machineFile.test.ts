import { sampleMachine } from '../../testing/sampleMachine.js';
import { machineFileOf, readMachineFile } from './machineFile.js';

describe('a machine’s file', () => {
  it('comes back as it was written', () => {
    const file = machineFileOf(sampleMachine);
    expect(readMachineFile(JSON.stringify(file))).toEqual({ file });
  });

  it.each([
    ['a shopping list', 'argon, wire', 'not JSON'],
    ['another file', '{"format":"cards"}', 'format is "cards"; allowed is lone-heron-machine'],
    ['nothing', 'null', 'In the file the file is null'],
    ['a very long file', `"${'x'.repeat(300_000)}"`, 'larger than 200 kB'],
    [
      'a machine that cannot be',
      JSON.stringify({
        ...machineFileOf(sampleMachine),
        profile: { ...sampleMachine.profile, configuredPowerW: 9000 },
      }),
      'profile.configuredPowerW is 9000; allowed is a number from 50 to 6000 W',
    ],
  ])('that is %s is refused in words', (_, text, words) => {
    const read = readMachineFile(text);
    expect('fault' in read && read.fault).toContain(words);
  });
});
