import { z } from 'zod';
import { deedSchema, type Deed } from './rigDeeds.js';

/** What happens to the stand-in by itself, step by step, so that a course can be played again. */
export const scenarioSchema = z.strictObject({
  format: z.literal('lone-heron-scenario'),
  version: z.literal(1),
  name: z.string().min(1).max(80),
  steps: z
    .array(z.strictObject({ atS: z.number().min(0).max(604_800), do: deedSchema }))
    .min(1)
    .max(1000),
});
export type Scenario = z.infer<typeof scenarioSchema>;

/** Plays a scenario along the machine’s own time. */
export class ScenarioPlayer {
  private readonly left: { readonly atS: number; readonly do: Deed }[];
  private passed = 0;

  constructor(
    { steps }: Scenario,
    private readonly act: (deed: Deed) => void,
  ) {
    this.left = steps.toSorted((one, other) => one.atS - other.atS);
  }

  get isOver(): boolean {
    return this.left.length === 0;
  }

  /** Lets time pass, s: what is due is done, in its order. */
  step(seconds: number): void {
    this.passed += seconds;
    for (;;) {
      const [next] = this.left;
      if (next === undefined || next.atS > this.passed) return;
      this.left.shift();
      this.act(next.do);
    }
  }
}
