import { liveMachineSchema, type LiveMachine } from '@lone-heron/contract';
import { Injectable, Logger, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import type { Subscription } from 'rxjs';
import { Neighbours } from '../storage/Neighbours.js';

/** Machines as other servers of the shop last heard them: a machine talks to one of them, and pages of all want to see it. */
@Injectable()
export class LiveElsewhere implements OnModuleInit, OnModuleDestroy {
  private readonly log = new Logger('telemetry');
  private readonly heard = new Map<string, LiveMachine>();
  /** As the others were last told of each. */
  private readonly said = new Map<string, string>();
  private hearing: Subscription | null = null;

  constructor(private readonly neighbours: Neighbours) {}

  onModuleInit(): void {
    this.hearing = this.neighbours.heard.subscribe((words) => this.hear(words));
  }

  onModuleDestroy(): void {
    this.hearing?.unsubscribe();
  }

  /** Tells the others what changed of what was heard here. */
  tell(here: readonly LiveMachine[]): void {
    for (const each of here) {
      const words = JSON.stringify(each);
      if (each.heardAt === null || this.said.get(each.machineId) === words) continue;
      this.said.set(each.machineId, words);
      this.neighbours.say(words);
    }
  }

  /**
   * A machine as whoever heard it last has it.
   *
   * @param here as it was heard here
   * @param silentAfter ms without a word after which no light is on: whoever heard it may be gone
   * @param now ms
   */
  newest(here: LiveMachine, silentAfter: number, now: number): LiveMachine {
    const there = this.heard.get(here.machineId);
    if (there?.heardAt == null || there.heardAt <= (here.heardAt ?? '')) return here;
    const isSilent = now - Date.parse(there.heardAt) > silentAfter;
    // Which port its own broker has each server says of itself.
    return { ...there, brokerPort: here.brokerPort, lit: isSilent ? null : there.lit };
  }

  private hear(words: string): void {
    try {
      const live = liveMachineSchema.parse(JSON.parse(words));
      this.heard.set(live.machineId, live);
    } catch (fault) {
      this.log.warn(`another server said of a machine what is not understood: ${(fault as Error).message}`);
    }
  }
}
