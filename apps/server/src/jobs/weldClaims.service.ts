import type { Job, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { conflict } from '../http/problem.js';
import { RecordKit } from '../kit/recordKit.js';
import { findPerson } from '../people/face/readPeople.js';
import { Clock } from '../time/clock.js';
import { claimLasts, readJob } from './readJobs.js';
import { machineOfJob } from './machineOfJob.js';
import { WeldClaimEntity } from './weldClaim.entity.js';

/** A seam of a job. */
interface ClaimedSeam {
  readonly jobId: string;
  readonly mark: string;
  readonly seam: number;
}

/** Who has which seam in hand, so that two people do not weld the same one. A claim is no record: it lapses. */
@Injectable()
export class WeldClaimsService {
  constructor(
    private readonly kit: RecordKit,
    private readonly clock: Clock,
  ) {}

  /**
   * Takes a seam in hand. Repeating it is the same claim, from now on.
   *
   * @throws ProblemException 409 where somebody else has it
   */
  take(claimed: ClaimedSeam, by: Person): Promise<Job> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      await entry.requireOwn({ machineId: await machineOfJob(manager, claimed.jobId) });
      const held = await manager.findOneBy(WeldClaimEntity, { ...claimed });
      if (held !== null && held.personId !== by.id && !isLapsed(held.at, at)) {
        const name = (await findPerson(manager, held.personId))?.name ?? 'Somebody else';
        throw conflict(`${name} has ${claimed.mark}, seam ${claimed.seam}, in hand. Take another, or ask.`);
      }
      await manager.save(WeldClaimEntity, { ...claimed, personId: by.id, at });
      return readJob(manager, claimed.jobId, this.clock.now());
    });
  }

  /** Lets a seam go that one had in hand; somebody else's stays. Repeating it changes nothing. */
  letGo(claimed: ClaimedSeam, by: Person): Promise<Job> {
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      await entry.requireOwn({ machineId: await machineOfJob(manager, claimed.jobId) });
      await manager.delete(WeldClaimEntity, { ...claimed, personId: by.id });
      return readJob(manager, claimed.jobId, this.clock.now());
    });
  }
}

function isLapsed(since: string, now: string): boolean {
  return Date.parse(now) - Date.parse(since) >= claimLasts;
}
