import {
  lightSpellSchema,
  liveMachineSchema,
  machineTelemetrySchema,
  spellCurveSchema,
  type LiveMachine,
  type MachineSpell,
  type MachineTelemetry,
  type MachineTelemetryDraft,
  type SpellCurve,
} from '@lone-heron/contract';
import { heronApi } from '../api/heronApi.js';

/** What machines say by themselves. */
const liveApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    /** Every machine that is listened to. */
    live: build.query<LiveMachine[], undefined>({
      query: () => 'live',
      responseSchema: liveMachineSchema.array(),
      providesTags: ['Machine', 'Live'],
    }),
    /** One, or none. */
    telemetry: build.query<MachineTelemetry[], string>({
      query: (machineId) => `machines/${machineId}/telemetry`,
      responseSchema: machineTelemetrySchema.array(),
      providesTags: ['Machine'],
    }),
    reviseTelemetry: build.mutation<
      MachineTelemetry,
      { machineId: string; revision: number; draft: MachineTelemetryDraft }
    >({
      query: ({ machineId, revision, draft }) => ({
        url: `machines/${machineId}/telemetry/revisions/${revision}`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: machineTelemetrySchema,
      invalidatesTags: ['Machine', 'Change'],
    }),
    /** Of the last day, newest first. */
    spells: build.query<MachineSpell[], string>({
      query: (machineId) => `spells/of/${machineId}`,
      responseSchema: lightSpellSchema.array(),
      providesTags: ['Coupon', 'Job'],
    }),
    takenSpells: build.query<MachineSpell[], string>({
      query: (recordId) => `spells/taken/${recordId}`,
      responseSchema: lightSpellSchema.array(),
      providesTags: ['Coupon', 'Job'],
    }),
    spellCurve: build.query<SpellCurve[], string>({
      query: (spellId) => `spells/${spellId}/curve`,
      responseSchema: spellCurveSchema.array(),
    }),
  }),
});

export const {
  useLiveQuery,
  useTelemetryQuery,
  useReviseTelemetryMutation,
  useSpellsQuery,
  useTakenSpellsQuery,
  useSpellCurveQuery,
} = liveApi;
