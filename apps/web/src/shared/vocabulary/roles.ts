import type { Role } from '@lone-heron/contract';

/** A role in the shop's words. */
export const roleWords: Readonly<Record<Role, string>> = {
  welder: 'welder',
  upkeep: 'upkeep',
  lead: 'lead',
};

/** What somebody of a role may do. */
export const roleMeaning: Readonly<Record<Role, string>> = {
  welder: 'starts and shuts down machines, logs coupons, changes windows',
  upkeep: 'starts and shuts down machines, keeps optics, water, gas and safety gear',
  lead: 'all of that, and machines, templates, people and training',
};
