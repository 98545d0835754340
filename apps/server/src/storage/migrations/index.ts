import { Beginnings1763900000000 } from './1763900000000-Beginnings.js';
import { MachineHistory1764000000000 } from './1764000000000-MachineHistory.js';
import { SignIn1764100000000 } from './1764100000000-SignIn.js';
import { Readiness1764200000000 } from './1764200000000-Readiness.js';
import { House1764300000000 } from './1764300000000-House.js';
import { CouponsInFull1764400000000 } from './1764400000000-CouponsInFull.js';
import { Cards1764500000000 } from './1764500000000-Cards.js';
import { ProgramSlots1764600000000 } from './1764600000000-ProgramSlots.js';
import { Procedures1764700000000 } from './1764700000000-Procedures.js';
import { CardsFromElsewhere1764800000000 } from './1764800000000-CardsFromElsewhere.js';
import { Upkeep1764900000000 } from './1764900000000-Upkeep.js';
import { UndoneBy1765000000000 } from './1765000000000-UndoneBy.js';
import { RetiredMachines1765100000000 } from './1765100000000-RetiredMachines.js';
import { LockByAddress1765200000000 } from './1765200000000-LockByAddress.js';
import { HeldFast1765300000000 } from './1765300000000-HeldFast.js';
import { Jobs1765400000000 } from './1765400000000-Jobs.js';
import { Modes1765500000000 } from './1765500000000-Modes.js';
import { MachineLinks1765600000000 } from './1765600000000-MachineLinks.js';
import { Telemetry1765700000000 } from './1765700000000-Telemetry.js';
import { Workshops1765800000000 } from './1765800000000-Workshops.js';

/** Every migration of a shop's tables, oldest first. */
export const migrations = [
  Beginnings1763900000000,
  MachineHistory1764000000000,
  SignIn1764100000000,
  Readiness1764200000000,
  House1764300000000,
  CouponsInFull1764400000000,
  Cards1764500000000,
  ProgramSlots1764600000000,
  Procedures1764700000000,
  CardsFromElsewhere1764800000000,
  Upkeep1764900000000,
  UndoneBy1765000000000,
  RetiredMachines1765100000000,
  LockByAddress1765200000000,
  HeldFast1765300000000,
  Jobs1765400000000,
  Modes1765500000000,
  MachineLinks1765600000000,
  Telemetry1765700000000,
  Workshops1765800000000,
];
