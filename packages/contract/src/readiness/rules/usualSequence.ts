import type { MachineProfile } from '../../machines/machine.js';
import type { Step } from '../readiness.js';

const check = (id: string, title: string, why: string, weight: Step['weight']): Step => ({
  id,
  title,
  why,
  weight,
  reads: 'none',
  circuit: 1,
});

const reading = (reads: Step['reads'], step: Step): Step => ({ ...step, reads });

/**
 * The order that practice has, made for a machine: guard first, then what feeds it, then optics and light; and the way
 * back. A lead changes it to what the machine's manual asks for.
 */
export function usualSequence(profile: MachineProfile): { startUp: Step[]; shutDown: Step[] } {
  return { startUp: startUp(profile), shutDown: shutDown(profile) };
}

function startUp(profile: MachineProfile): Step[] {
  return [
    ...guardSteps(),
    reading(
      'room',
      check('room', 'Room temperature and humidity', 'Cold coolant in damp air wets the optics.', 'warn'),
    ),
    ...coolantSteps(profile),
    reading(
      'bottle',
      check('bottle', 'Gas open: pressure at the bottle', 'Enough for the longest seam of the day.', 'warn'),
    ),
    check(
      'cap',
      'Cap off, window looked at',
      'A speck burns in with the first light and costs the lens behind it.',
      'stop',
    ),
    reading(
      'flow',
      check(
        'flow',
        'Flow and pressure at the torch, first trigger stage',
        'Gas comes with the first stage, light with the second.',
        'warn',
      ),
    ),
    check(
      'pointer',
      'Pointer dot in the middle of the nozzle',
      'Off to one side it burns the nozzle; tape across the mouth shows it.',
      'warn',
    ),
    ...lightSteps(profile),
    check(
      'scrap',
      'Test line on scrap: bright and narrow',
      'Dull or sparking: look at the window, then find focus.',
      'warn',
    ),
  ];
}

/** What guards people, before anything is switched on. */
function guardSteps(): Step[] {
  return [
    check(
      'eyewear',
      'Eyewear on everybody in sight, rated for this laser',
      'Invisible light blinds at once, thrown back too. The rating is on the frame.',
      'stop',
    ),
    check(
      'barrier',
      'Barrier closed, nobody and nothing shiny in line',
      'Door interlock tried: opening it must keep light from being struck.',
      'stop',
    ),
    check('stop-known', 'Emergency stop free and in reach', 'Everybody here can say where it is.', 'stop'),
    check(
      'fire',
      'Extinguisher at hand, nothing burns behind the work',
      'The beam goes on past a gap or a cut.',
      'warn',
    ),
    check(
      'fume',
      'Extraction running, respirator where needed',
      'Fine fume cannot be smelt; zinc, chromium and manganese ask for a respirator too.',
      'warn',
    ),
    check('clamp', 'Work clamp on the work', 'A safety contact: without it no light.', 'warn'),
  ];
}

function coolantSteps({ coolant }: MachineProfile): Step[] {
  const running = check(
    'chiller',
    'Chiller on, water level seen, no alarm',
    'Deionised or distilled water, as its manual says.',
    'stop',
  );
  const temperatures = coolant.map(({ name }, index): Step => ({
    ...check(`coolant-${index + 1}`, `Coolant, ${name}`, 'Below the lower limit no light yet.', 'stop'),
    reads: 'coolant',
    circuit: index === 0 ? 1 : 2,
  }));
  return [running, ...temperatures];
}

function lightSteps({ readyLights }: MachineProfile): Step[] {
  const lights = readyLights.find(({ mode }) => mode === 'weld')?.lights;
  const why =
    lights === undefined ? 'Which ones depends on the mode; the manual says.' : `To weld: ${lights}.`;
  return [check('lights', 'Ready lights of the panel', why, 'stop')];
}

function shutDown(profile: MachineProfile): Step[] {
  return [
    check('laser-off', 'Laser off', 'Emission light dark.', 'stop'),
    check('key-out', 'Key out and put away', 'Nobody strikes light who is not cleared.', 'stop'),
    check(
      'gas-closed',
      'Gas closed at the bottle, hose let off',
      'A bottle left open is empty on Monday.',
      'warn',
    ),
    check('cap-on', 'Cap on', 'Dust on the window burns in tomorrow.', 'warn'),
    check(
      'chiller-off',
      profile.coolant.length === 2 ? 'Chiller off last, both circuits' : 'Chiller off last',
      'It carries off what heat is left in the source.',
      'warn',
    ),
    check(
      'fire-watch',
      'Fire watch kept after cutting or sparks',
      'Embers show late. How long, local rules say.',
      'warn',
    ),
  ];
}
