import {
  borneLight,
  windowLives,
  windowStudy,
  type GlassWeights,
  type House,
  type ProtectiveWindow,
  type WindowLife,
  type WindowLight,
  type WindowStudy,
  type WindowStudyQuery,
} from '@lone-heron/contract';
import { usualCouponSeconds } from '../coupons/face/readCouponLight.js';
import { fittingDoseWeights, RangeFault, type BorneLight } from '@lone-heron/core';
import { Injectable, Logger, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import { setImmediate } from 'node:timers/promises';
import { debounceTime, filter, type Subscription } from 'rxjs';
import { DataSource, type EntityManager } from 'typeorm';
import { HouseService } from '../house/house.service.js';
import { readCounters } from '../records/face/readCounters.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { LongReads, rowsSeenBy } from '../storage/longReads.js';
import { heardCounters } from '../telemetry/face/readHeardLight.js';
import { Clock } from '../time/clock.js';
import { ProtectiveWindowEntity } from './protectiveWindow.entity.js';
import { MadeOnce } from './MadeOnce.js';
import { readWindowLight } from './readWindowLight.js';
import { readWindowRows, type WindowRow } from './readWindowRows.js';

/** Lives of windows that are in go on by themselves: what was added up is believed for so long. */
const keptMs = 10 * 60_000;

/** Weights are fitted to so many of the newest windows: older ones met other habits, and thousands would take seconds. */
const mostFitted = 400;

/** After a write the lives are added up again once it has been quiet for so long, if somebody looked of late. */
const quietMs = 300;

/** What went through the windows, and what their lives tell. */
@Injectable()
export class WindowLivesService implements OnModuleInit, OnModuleDestroy {
  private readonly log = new Logger(WindowLivesService.name);
  /** By whose windows they are: a workshop's, or all. */
  private readonly lives = new Map<string | null, MadeOnce<readonly WindowLife[]>>();
  private readonly fitted = new MadeOnce<GlassWeights>(keptMs);
  private looked: { readonly at: number; readonly workshopId: string | null } = { at: 0, workshopId: null };
  private refreshing: Subscription | null = null;

  constructor(
    private readonly dataSource: DataSource,
    private readonly queue: WriteQueue,
    private readonly house: HouseService,
    private readonly clock: Clock,
    private readonly reads: LongReads,
  ) {}

  onModuleInit(): void {
    this.refreshing = this.queue.finished
      .pipe(
        debounceTime(quietMs),
        filter(() => this.clock.now().getTime() - this.looked.at < keptMs),
      )
      .subscribe(() => void this.refresh());
  }

  onModuleDestroy(): void {
    this.refreshing?.unsubscribe();
  }

  /** So that the next look need not wait; where it fails, that look says why. */
  private async refresh(): Promise<void> {
    try {
      await this.everyLife(await this.house.current(), this.looked.workshopId);
    } catch (fault) {
      this.log.warn(`the lives of the windows were not added up: ${String(fault)}`);
    }
  }

  /** Windows with what went through them. */
  async withUse(
    manager: EntityManager,
    rows: readonly ProtectiveWindowEntity[],
  ): Promise<ProtectiveWindow[]> {
    if (rows.length === 0) return [];
    const light = await readWindowLight(
      manager,
      rows.map(({ id }) => id),
      rowsSeenBy(manager),
    );
    const house = await this.house.current(null, manager);
    const lives = await this.livesOf(manager, rows, light, house);
    return rows.map((row, i) => windowFromRow(row, light, lives[i]));
  }

  /** How long the windows of a workshop last, all of them for null, what ends them and what makes the difference. */
  async study(query: WindowStudyQuery, workshopId: string | null): Promise<WindowStudy> {
    this.looked = { at: this.clock.now().getTime(), workshopId };
    const house = await this.house.current(workshopId);
    const lives = await this.everyLife(house, workshopId);
    return windowStudy(lives, query, { windowPrice: house.prices.content.window, now: this.clock.now() });
  }

  /** What this shop's failures say of the weights of what wears glass. */
  weights(): Promise<GlassWeights> {
    return this.fitted.take(this.now(), () => this.fitWeights());
  }

  private async fitWeights(): Promise<GlassWeights> {
    const { manager } = this.dataSource;
    const newest = (await readWindowRows(manager))
      .toSorted((one, other) => other.fittedAt.localeCompare(one.fittedAt))
      .slice(0, mostFitted);
    const ids = newest.map(({ id }) => id);
    return fittedTo(
      borneLight({
        windows: newest,
        light: await readWindowLight(manager, ids, this.reads.of),
        usualS: await usualCouponSeconds(manager),
      }),
    );
  }

  /** Adding up years of light anew for every look would be waste. */
  private everyLife(house: House, workshopId: string | null): Promise<readonly WindowLife[]> {
    const lives = this.lives.get(workshopId) ?? new MadeOnce<readonly WindowLife[]>(keptMs);
    this.lives.set(workshopId, lives);
    return lives.take(this.now(), async () => {
      const { manager } = this.dataSource;
      const rows = await readWindowRows(manager, workshopId);
      const ids = workshopId === null ? null : rows.map(({ id }) => id);
      return this.livesOf(manager, rows, await readWindowLight(manager, ids, this.reads.of), house);
    });
  }

  private now() {
    return { writes: this.queue.writes, at: this.clock.now().getTime() };
  }

  private async livesOf(
    manager: EntityManager,
    rows: readonly WindowRow[],
    light: readonly WindowLight[],
    { glassWeights }: House,
  ): Promise<readonly WindowLife[]> {
    return windowLives({
      windows: rows,
      ...{ light, counters: await readCounters(manager), powers: glassWeights.content },
      heard: await heardCounters(manager),
      usualS: await usualCouponSeconds(manager),
      now: this.clock.now(),
    });
  }
}

/** A fifth of a second of arithmetic in steps of milliseconds: who asks meanwhile is answered between two of them. */
async function fittedTo(windows: readonly BorneLight[]): Promise<GlassWeights> {
  try {
    const fitting = fittingDoseWeights(windows);
    for (;;) {
      const { done, value } = fitting.next();
      if (done === true) return { fitted: value, why: null };
      await setImmediate();
    }
  } catch (fault) {
    if (fault instanceof RangeFault) return { fitted: null, why: fault.message };
    throw fault;
  }
}

function windowFromRow(
  row: ProtectiveWindowEntity,
  light: readonly WindowLight[],
  life: WindowLife | undefined,
): ProtectiveWindow {
  const { id, machineId, number, fittedAt, fittedBy, supplier, lot } = row;
  const { removedAt, removedReason, removedNote, removedFound } = row;
  const lightOnS = light.reduce(
    (sum, { windowId, seconds }) => (windowId === id ? sum + (seconds ?? 0) : sum),
    0,
  );
  return {
    ...{ id, machineId, number, fittedAt, fittedBy, supplier, lot },
    ...{ removedAt, removedReason, removedNote, removedFound },
    ...{ couponCount: life?.coupons ?? 0, lightOnS, wornHours: life?.wornHours ?? 0 },
  };
}
