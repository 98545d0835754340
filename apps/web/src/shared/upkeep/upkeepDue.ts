import {
  upkeepState,
  type MachineUpkeep,
  type UpkeepStanding,
  type UpkeepState,
  type UpkeepTask,
} from '@lone-heron/contract';

/** A task with where it stands. */
export interface StandingTask {
  readonly machineId: string;
  readonly task: UpkeepTask;
  readonly standing: UpkeepStanding;
  readonly state: UpkeepState;
}

/** What somebody must see first. */
const order: readonly UpkeepState[] = ['missed', 'due', 'soon', 'never', 'condition', 'fine'];

/** Every task of every machine with its state, the most pressing first. */
export function standingTasks(upkeep: readonly MachineUpkeep[], now: Date): readonly StandingTask[] {
  return upkeep
    .flatMap(({ plan, standings }) =>
      plan.tasks.flatMap((task): StandingTask[] => {
        const standing = standings.find(({ taskId }) => taskId === task.id);
        if (standing === undefined) return [];
        return [{ machineId: plan.machineId, task, standing, state: upkeepState(task, standing, now) }];
      }),
    )
    .toSorted(
      (one, other) =>
        order.indexOf(one.state) - order.indexOf(other.state) ||
        (one.standing.dueAt ?? '9').localeCompare(other.standing.dueAt ?? '9'),
    );
}

/** Whether it is to be done now. */
export function isDue({ state }: StandingTask): boolean {
  return state === 'due' || state === 'missed';
}
