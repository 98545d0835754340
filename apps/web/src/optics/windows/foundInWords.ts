import type { ChangePlace, SealLook } from '@lone-heron/contract';

/** Where the head was opened. */
export const placeWords: Readonly<Record<ChangePlace, string>> = {
  stillAir: 'still, clean air',
  booth: 'in the booth',
  openDoor: 'with the door open',
  outside: 'outside',
};

/** How the seal was found. */
export const sealWords: Readonly<Record<SealLook, string>> = {
  whole: 'whole',
  damaged: 'nicked or flat',
  notSeen: 'not looked at',
};
