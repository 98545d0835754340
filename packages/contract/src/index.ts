/** Everything that crosses the wire or a file: schemas, the types that come from them, and the way to the core. */
export {
  backupContentsSchema,
  writtenContentsSchema,
  backupFormat,
  backupSchema,
  backupsKept,
  backupsSchema,
  backupVersion,
  type Backup,
  type BackupContents,
  type Backups,
} from './backups/backup.js';
export { keepingSchema, type Keeping } from './backups/keeping.js';
export {
  backupFileType,
  backupSentSchema,
  largestBackup,
  passphraseSchema,
  restoreBegunSchema,
  type BackupSent,
  type Passphrase,
  type RestoreBegun,
} from './backups/restore.js';
export {
  cardContentSchema,
  cardDraftSchema,
  cardRanges,
  cardSchema,
  cardStates,
  type Card,
  type CardContent,
  type CardDraft,
  type CardState,
  type CardVersion,
} from './cards/card.js';
export { cardDrift, type CardDrift } from './cards/rules/cardDrift.js';
export { areWeldedAlike, cardVerdicts, proofDifferences } from './cards/rules/cardProof.js';
export { cardState, isProven, newestVersion, versionInForce } from './cards/rules/cardState.js';
export { ownNumbers } from './cards/rules/ownNumbers.js';
export { adaptCard, carryCard, type CarriedCard, type LearnOfJob } from './cards/rules/carryCard.js';
export { findCards, shownVersion, type FoundCard, type FoundCards } from './cards/rules/findCards.js';
export { proposeCard } from './cards/rules/proposeCard.js';
export { type JobWork } from './jobs/jobWork.js';
export {
  modeCardDraftSchema,
  modeCardSchema,
  type ModeCard,
  type ModeCardDraft,
  type ModeCardVersion,
} from './modeCards/modeCard.js';
export { modeLooks, wantedLook, type LookOf, type ModeLook } from './modes/modeLooks.js';
export { modeSettingSchema, type ModeSetting, type SettingOf } from './modes/modeSetting.js';
export {
  cleanPlaces,
  handModes,
  modeWorkSchema,
  workRanges,
  type HandMode,
  type ModeWork,
  type WorkOf,
} from './modes/modeWork.js';
export { beyondMode } from './modes/rules/beyondMode.js';
export { contradictedTrials } from './modes/rules/contradictedTrials.js';
export { isAlike } from './modes/rules/isAlike.js';
export { cleanHeadOf, cutHeadOf, lampHeadOf } from './modes/rules/heads.js';
export {
  cleanJobOf,
  cleanSettingOf,
  cutJobOf,
  cutSettingOf,
  lampJobOf,
  lampSettingOf,
} from './modes/rules/modeJobs.js';
export {
  asksOf,
  changeoverGaps,
  changeoverSteps,
  gunModeOf,
  gunModesOf,
  lastChangeover,
} from './modes/rules/changeover.js';
export { meanPowerOf } from './modes/rules/meanPowerOf.js';
export { modesOf } from './modes/rules/modeOnMachine.js';
export { modeUse } from './modes/rules/modeUse.js';
export { modeRules, type ModeShop } from './modes/rules/modeRules.js';
export {
  trialKnobs,
  mostTrialPhotos,
  trialDraftSchema,
  trialLadderDraftSchema,
  trialLadderSchema,
  trialRanges,
  trialSchema,
  type TrialKnob,
  type Trial,
  type TrialDraft,
  type TrialLadder,
  type TrialLadderDraft,
} from './trials/trial.js';
export { fileProgressSchema, type FileProgress } from './couponFiles/fileProgress.js';
export {
  couponFileFormats,
  couponFileName,
  couponFileVersion,
  filedCouponSchema,
  filedNouns,
  filedPhotoSchema,
  filedTestSchema,
  filePreviewSchema,
  fileStoredSchema,
  largestCouponFile,
  mostCouponsInFile,
  type CouponFileFormat,
  type FiledCoupon,
  type FiledNoun,
  type FiledPhoto,
  type FiledTest,
  type FilePreview,
  type FileRow,
  type FileStored,
  couponsOutSchema,
  type ColumnUnits,
  type CouponsOut,
} from './couponFiles/couponFile.js';
export {
  backLooks,
  couponAmendmentSchema,
  couponDraftSchema,
  couponEntrySchema,
  couponRanges,
  couponSchema,
  handSlips,
  observedKeys,
  type BackLook,
  type Coupon,
  type CouponAmendment,
  type CouponDraft,
  type CouponEntry,
  type HandSlip,
  type Stretch,
} from './coupons/coupon.js';
export {
  couponFilterSchema,
  couponGroupings,
  couponGroupQuerySchema,
  couponGroupsSchema,
  couponPageSchema,
  couponQuerySchema,
  type CouponFilter,
  type CouponGrouping,
  type CouponGroupQuery,
  type CouponGroups,
  type CouponPage,
  type CouponQuery,
  type CouponSort,
} from './coupons/couponList.js';
export {
  relevantCouponsSchema,
  relevantQuerySchema,
  type RelevantAsked,
  type RelevantCoupons,
  type RelevantQuery,
} from './coupons/relevantCoupons.js';
export { couponEvidence, usualGunAngle } from './coupons/rules/couponEvidence.js';
export { firmEvidence, weldedWhere } from './coupons/rules/firmEvidence.js';
export { isAskedRight, lookedAtOf, seenAt, toesLook, type SeenAt } from './coupons/rules/couponLook.js';
export { couponReadings } from './coupons/rules/couponReadings.js';
export { triedOf } from './coupons/rules/couponTrials.js';
export { realTravelMmS } from './coupons/rules/realTravel.js';
export {
  evidenceBudget,
  kindsLike,
  metalsLike,
  relevantAmong,
  relevantTo,
  thicknessFactor,
} from './coupons/rules/relevantTo.js';
export { networkSchema, type Network } from './network/network.js';
export {
  cardRowSchema,
  exchangedCardSchema,
  exchangedMachineSchema,
  exchangeFileFormats,
  exchangeFormat,
  exchangeJsonSchema,
  exchangePreviewSchema,
  exchangeSchema,
  exchangeStoredSchema,
  exchangeVersion,
  largestExchange,
  type CardRow,
  type Exchange,
  exchangedJobSchema,
  exchangedModeCardSchema,
  exchangedTrialSchema,
  type ExchangedCard,
  type ExchangedJob,
  type ExchangedModeCard,
  type ExchangedTrial,
  type ExchangedMachine,
  type ExchangedNoun,
  type ExchangedVersion,
  type ExchangeFileFormat,
  type ExchangePreview,
  type ExchangeRow,
  type ExchangeStanding,
  type ExchangeStored,
} from './exchange/exchange.js';
export {
  headPartKinds,
  headPartSchema,
  partChangeSchema,
  partReasons,
  type HeadPart,
  type HeadPartKind,
  type PartChange,
  type PartReason,
} from './headParts/headPart.js';
export {
  houseSchema,
  houseSheetDrafts,
  houseSheetName,
  houseSheets,
  houseStarts,
  type House,
  type HouseContent,
  type HousePrices,
  type HouseSheet,
  type HouseUnits,
  type NamedLevel,
  type NozzleOnHand,
  type WireSpool,
} from './house/house.js';
export {
  jobDraftSchema,
  jobLineSchema,
  jobSchema,
  jobStateChangeSchema,
  jobStates,
  type Job,
  type JobDraft,
  type JobLine,
  type JobPart,
  type JobState,
} from './jobs/job.js';
export {
  jobFileFormat,
  jobFileJsonSchema,
  jobFileSchema,
  jobFileVersion,
  type JobFile,
  type JobPaper,
  type JobPaperName,
} from './jobs/jobFile.js';
export { materialKey, type JobMaterial } from './jobs/jobMaterial.js';
export { brokenLink } from './jobs/jobLinks.js';
export { jobWeldSchema, weldMarkSchema, weldRanges, type JobWeld } from './jobs/jobWeld.js';
export {
  mostSeamPhotos,
  runTimeSchema,
  weldRunDraftSchema,
  weldRunSchema,
  type RunTime,
  type RunOutcome,
  type WeldRun,
  type WeldRunDraft,
} from './jobs/weldRun.js';
export {
  checkRanges,
  weldCheckDraftSchema,
  weldCheckSchema,
  type WeldCheck,
  type WeldCheckDraft,
} from './jobs/weldCheck.js';
export { judgedWelds, type JudgedWeld, type OpenTest } from './jobs/rules/judgedWelds.js';
export { weldAnswer, type WeldAnswer, type WeldRefusal, type WeldStanding } from './jobs/rules/weldAnswer.js';
export { couponsToWeld, type CouponToWeld } from './jobs/rules/couponsToWeld.js';
export { jobOrder, type JobOrder, type OrderChange, type WeldedOrder } from './jobs/rules/jobOrder.js';
export { jobTakes, type JobTakes, type TakesOf, type TimePart } from './jobs/rules/jobTakes.js';
export { arcBeside, type ArcBeside, type BroughtIn } from './jobs/rules/arcBeside.js';
export { samePose } from './jobs/rules/samePose.js';
export { jobMaterials } from './jobs/rules/jobMaterials.js';
export { weldTacks } from './jobs/rules/weldTacks.js';
export { weldedMm } from './jobs/rules/weldedLength.js';
export { usualClosing } from './jobs/rules/readWeldLine.js';
export { readWeldLines, type WeldLine } from './jobs/rules/readWeldLines.js';
export {
  isSettled,
  seamKey,
  seamsInOrder,
  seamsInPiece,
  seamsOfJob,
  seamStandings,
  weldedTwice,
  type JobSeam,
  type SeamStanding,
} from './jobs/rules/jobSeams.js';
export {
  brokeAt,
  couponTestDraftSchema,
  couponTestSchema,
  leakPlaces,
  pressureMedia,
  sectionMeasures,
  sectionRanges,
  testKinds,
  testRanges,
  testResults,
  type BrokeAt,
  type CouponTest,
  type CouponTestDraft,
  type PressureMedium,
  type SectionMeasure,
  type SectionReadings,
  type TestDetail,
  type TestKind,
  type TestResult,
} from './inspection/couponTest.js';
export {
  couponTintSchema,
  tintQuerySchema,
  type CouponTint,
  type TintQuery,
} from './inspection/tintReading.js';
export { contradictions, standsOut } from './inspection/rules/contradictions.js';
export { inspectionFound } from './inspection/rules/inspectionFound.js';
export {
  jointRanges,
  jointSchema,
  plainConditions,
  wireDiameterMm,
  wireDiametersMm,
  type Conditions,
  type Joint,
} from './joint/joint.js';
export { settingSchema, type Setting } from './joint/setting.js';
export {
  coreConditions,
  coreJob,
  coreJoint,
  coreMachine,
  coreSetting,
  jointMetals,
  recordedSetting,
} from './joint/rules/toCore.js';
export {
  fillersForJoint,
  takenFiller,
  type FillerChoice,
  type FillerOffer,
} from './joint/rules/fillerChoice.js';
export { holeToPropose, legToPropose, tenths } from './joint/rules/proposedSizes.js';
export {
  ladderDraftSchema,
  ladderKnobs,
  ladderSchema,
  type Ladder,
  type LadderAxis,
  type LadderDraft,
  type LadderKnob,
} from './ladders/ladder.js';
export { settingOfRung } from './ladders/rules/settingOfRung.js';
export {
  lightDraftSchema,
  lightEntrySchema,
  lightRanges,
  type LightDraft,
  type LightEntry,
} from './light/lightEntry.js';
export {
  faceKinds,
  machineFileSchema,
  machineId,
  machineModes,
  machineProfileSchema,
  machineRevisionDraftSchema,
  machineRevisionSchema,
  machineSchema,
  nothingKnown,
  panelKnobs,
  revisionNumber,
  wireSpeedUnits,
  withoutGaps,
  type FaceKind,
  type Machine,
  type MachineFile,
  type MachineMode,
  type MachineProfile,
  type MachineRevision,
  type MachineRevisionDraft,
  type PanelFace,
  type PanelKnob,
} from './machines/machine.js';
export { startingProfiles, type StartingProfile } from './machines/startingProfiles.js';
export { beyondMachine } from './machines/rules/settingOnMachine.js';
export {
  changeSchema,
  personId,
  personSchema,
  roles,
  sessionSchema,
  type Change,
  type Person,
  type Role,
  type Session,
} from './people/person.js';
export {
  firstLeadSchema,
  nameChangeSchema,
  ownPinSchema,
  personDraftSchema,
  pinResetSchema,
  roleChangeSchema,
  samplePin,
  signatureSchema,
  signInSchema,
  type FirstLead,
  type NameChange,
  type OwnPin,
  type PersonDraft,
  type PinReset,
  type RoleChange,
  type Signature,
  type SignIn,
} from './people/personChanges.js';
export {
  largestPhoto,
  photoQuerySchema,
  photoSchema,
  photoSubjects,
  sentPhotoTypes,
  shopPhotoQuerySchema,
  shopPhotoSchema,
  type Photo,
  type PhotoQuery,
  type PhotoSubject,
  type ShopPhoto,
  type ShopPhotoQuery,
  type ShopPhotoSubject,
} from './photos/photo.js';
export {
  cardProcedureSchema,
  nothingStated,
  procedureDraftSchema,
  procedureFields,
  type CardProcedure,
  type PaperLine,
  type PaperSection,
  type ProcedureDraft,
  type ProcedureField,
  procedureFileSchema,
  type ProcedureRevision,
  type ProcedureStated,
  type WeldedCoupon,
} from './procedures/procedure.js';
export {
  programSlotSchema,
  slotEntrySchema,
  slotNumber,
  type ProgramSlot,
  type SlotEntry,
  type SlotShown,
} from './programSlots/programSlot.js';
export {
  dayEntryDraftSchema,
  daySchema,
  readingRanges,
  sequenceDraftSchema,
  sequenceSchema,
  stepReadings,
  stepWeights,
  type Day,
  type DayEntry,
  type DayEntryDraft,
  type Sequence,
  type SequenceDraft,
  type Step,
  type StepReading,
} from './readiness/readiness.js';
export {
  dayProgress,
  entryRefusal,
  type DayProgress,
  type StepStanding,
} from './readiness/rules/dayProgress.js';
export { readingVerdict, type ReadingContext } from './readiness/rules/readingVerdict.js';
export { usualSequence } from './readiness/rules/usualSequence.js';
export { datedBack } from './records/rules/datedBack.js';
export {
  gunModes,
  type GunMode,
  shopRecordDraftSchema,
  shopRecordSchema,
  testLineLooks,
  type RecordDetail,
  type RecordKind,
  type ShopRecord,
  type ShopRecordDraft,
  type TestLineLook,
} from './records/shopRecord.js';
export {
  eyewearConditions,
  eyewearDraftSchema,
  eyewearKinds,
  eyewearSchema,
  type Eyewear,
  type EyewearDraft,
} from './safety/eyewear.js';
export {
  stockDraftSchema,
  stockItemSchema,
  stockKinds,
  stockRanges,
  type StockDraft,
  type StockItem,
  type StockKind,
} from './stock/stockItem.js';
export { stockAdvice, type StockAdvice } from './stock/rules/stockAdvice.js';
export {
  bottleChangedAtBar,
  bottleDraftSchema,
  bottleRanges,
  bottleSchema,
  type Bottle,
  type BottleDraft,
} from './supply/bottle.js';
export { feedOf } from './supply/rules/feedOf.js';
export {
  clearanceDraftSchema,
  clearanceSchema,
  type Clearance,
  type ClearanceDraft,
} from './training/clearance.js';
export { clearanceFor } from './training/rules/clearanceFor.js';
export {
  upkeepDraftSchema,
  upkeepRanges,
  type UpkeepDraft,
  type UpkeepPlan,
  type UpkeepTask,
} from './upkeep/upkeepPlan.js';
export { machineUpkeepSchema, type MachineUpkeep, type UpkeepStanding } from './upkeep/upkeepStanding.js';
export {
  doneLiesAt,
  upkeepStandings,
  upkeepState,
  type DoneLies,
  type MachineRuns,
  type UpkeepState,
} from './upkeep/rules/upkeepStanding.js';
export { usualUpkeep } from './upkeep/rules/usualUpkeep.js';
export { lifeFactors, type LifeFactor } from './windows/lifeFactors.js';
export {
  changePlaces,
  protectiveWindowSchema,
  sealLooks,
  windowChangeSchema,
  windowHistoryQuerySchema,
  windowHistorySchema,
  windowReasons,
  type ChangePlace,
  type GlassSpot,
  type ProtectiveWindow,
  type SealLook,
  type WindowChange,
  type WindowFound,
  type WindowHistory,
  type WindowHistoryQuery,
  type WindowReason,
} from './windows/protectiveWindow.js';
export {
  glassWeightsSchema,
  lifeMeasures,
  windowStudyQuerySchema,
  windowStudySchema,
  type GlassWeights,
  type LifeMeasure,
  type WindowStudy,
  type WindowStudyQuery,
} from './windows/windowStudy.js';
export {
  borneLight,
  windowLives,
  wornHours,
  type CounterReading,
  type LivesInput,
  type WindowLife,
  type WindowLight,
} from './windows/rules/windowLife.js';
export { windowStudy } from './windows/rules/windowStudy.js';
export { clientId } from './wire/bounded.js';
export { fieldProblems, problemSchema, type FieldProblem, type Problem } from './wire/problem.js';

export {
  registerMapSchema,
  type MapEntry,
  type MapPlace,
  type MapPoint,
  type RegisterArea,
  type RegisterMap,
} from './links/registerMap.js';
export {
  linkReadSchema,
  linkStoredSchema,
  linkSendingDraftSchema,
  linkSendingSchema,
  machineLinkDraftSchema,
  machineLinkSchema,
  type LinkRead,
  type LinkReading,
  type LinkStored,
  type LinkSending,
  type LinkSendingDraft,
  type MachineLink,
  type MachineLinkDraft,
} from './links/machineLink.js';
export { writeLimits } from './links/rules/writeLimits.js';
export { sentSetting } from './links/rules/sentSetting.js';
export { topicMapSchema, type MapAlarm, type TopicMap } from './telemetry/topicMap.js';
export {
  machineTelemetryDraftSchema,
  machineTelemetrySchema,
  machineUser,
  type MachineTelemetry,
  type MachineTelemetryDraft,
} from './telemetry/machineTelemetry.js';
export {
  heardLightSchema,
  lightSpellSchema,
  spellCurveSchema,
  type HeardLight,
  type MachineSpell,
  type SpellCurve,
  type SpellSource,
} from './telemetry/lightSpell.js';
export {
  heardSamplesSchema,
  samplesTakenSchema,
  type HeardSamples,
  type SamplesTaken,
} from './telemetry/heardSamples.js';
export { liveMachineSchema, type LiveMachine } from './telemetry/liveMachine.js';
export { readMessage } from './telemetry/rules/readMessage.js';
export { unlogged } from './telemetry/rules/unlogged.js';
export {
  largestLoggerFile,
  loggerQuerySchema,
  loggerReadSchema,
  type LoggerQuery,
  type LoggerRead,
} from './telemetry/loggerFile.js';
export { meanPowerW } from './joint/rules/meanPowerW.js';
export { newsKinds, newsSchema, type News, type NewsKind } from './news/news.js';
export { newsQuerySchema, type NewsQuery } from './news/newsQuery.js';
export {
  workshopChangeSchema,
  workshopDraftSchema,
  workshopSchema,
  type Workshop,
  type WorkshopChange,
  type WorkshopDraft,
} from './workshops/workshop.js';
export {
  accountDraftSchema,
  accountSchema,
  accountSignInSchema,
  doorSchema,
  ownPassphraseSchema,
  providerAnswerSchema,
  providerBegunSchema,
  type Account,
  type AccountDraft,
  type AccountSignIn,
  type Door,
  type OwnPassphrase,
  type ProviderAnswer,
  type ProviderBegun,
} from './people/account.js';
