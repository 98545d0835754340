import type { NestExpressApplication } from '@nestjs/platform-express';
import { PeopleService } from '../people/people.service.js';
import { StartFault } from './StartFault.js';

/**
 * Makes sure that a shop may be shown to the network: somebody leads it, and nobody has the PIN that is printed in
 * the handbook.
 *
 * @throws StartFault saying what has to be done first
 */
export async function requireReadyForNetwork(app: NestExpressApplication): Promise<void> {
  const people = app.get(PeopleService);
  if (!(await people.hasLead())) {
    throw new StartFault(
      'Nobody leads this shop yet. Make the first lead on this machine (./heron serve), then serve the network.',
    );
  }
  if (await people.hasSamplePin()) {
    throw new StartFault(
      'Somebody still has the sample PIN. Give everybody a PIN of their own or disable them, then serve the network.',
    );
  }
}
