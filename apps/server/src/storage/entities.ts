import { ChangeEntity } from '../changes/change.entity.js';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { CouponEntryEntity } from '../coupons/couponEntry.entity.js';
import { HeadPartEntity } from '../headParts/headPart.entity.js';
import { HouseSheetEntity } from '../house/houseSheet.entity.js';
import { CouponTestEntity } from '../inspection/couponTest.entity.js';
import { CardEntity } from '../cards/card.entity.js';
import { CardProofEntity } from '../cards/cardProof.entity.js';
import { CardVersionEntity } from '../cards/cardVersion.entity.js';
import { JobEntity } from '../jobs/job.entity.js';
import { JobRevisionEntity } from '../jobs/jobRevision.entity.js';
import { WeldCheckEntity } from '../jobs/weldCheck.entity.js';
import { WeldClaimEntity } from '../jobs/weldClaim.entity.js';
import { WeldRunEntity } from '../jobs/weldRun.entity.js';
import { LadderEntity } from '../ladders/ladder.entity.js';
import { LightEntryEntity } from '../light/lightEntry.entity.js';
import { MachineEntity } from '../machines/machine.entity.js';
import { MachineRevisionEntity } from '../machines/machineRevision.entity.js';
import { ModeCardEntity } from '../modeCards/modeCard.entity.js';
import { ModeCardVersionEntity } from '../modeCards/modeCardVersion.entity.js';
import { ProtectiveWindowEntity } from '../windows/protectiveWindow.entity.js';
import { PersonEntity } from '../people/person.entity.js';
import { SessionEntity } from '../people/session.entity.js';
import { WrongPinEntity } from '../people/wrongPin.entity.js';
import { ShopPhotoEntity } from '../photos/shopPhoto.entity.js';
import { PhotoEntity } from '../photos/photo.entity.js';
import { DayEntity } from '../readiness/day.entity.js';
import { DayEntryEntity } from '../readiness/dayEntry.entity.js';
import { SequenceEntity } from '../readiness/sequence.entity.js';
import { ProcedureRevisionEntity } from '../procedures/procedureRevision.entity.js';
import { LinkSendingEntity } from '../links/linkSending.entity.js';
import { MachineLinkEntity } from '../links/machineLink.entity.js';
import { SlotEntryEntity } from '../programSlots/slotEntry.entity.js';
import { ShopRecordEntity } from '../records/shopRecord.entity.js';
import { EyewearEntity } from '../safety/eyewear.entity.js';
import { StockItemEntity } from '../stock/stockItem.entity.js';
import { BottleEntity } from '../supply/bottle.entity.js';
import { HeardLightEntity } from '../telemetry/heardLight.entity.js';
import { MachineTelemetryEntity } from '../telemetry/machineTelemetry.entity.js';
import { TakenSpellEntity } from '../telemetry/takenSpell.entity.js';
import { TrialEntity } from '../trials/trial.entity.js';
import { TrialLadderEntity } from '../trials/trialLadder.entity.js';
import { ClearanceEntity } from '../training/clearance.entity.js';
import { UpkeepPlanEntity } from '../upkeep/upkeepPlan.entity.js';
import { WorkshopSheetEntity } from '../house/workshopSheet.entity.js';
import { AccountEntity } from '../people/account.entity.js';
import { WorkshopEntity } from '../workshops/workshop.entity.js';

/** Every table of a shop. */
export const entities = [
  MachineEntity,
  MachineRevisionEntity,
  PersonEntity,
  SessionEntity,
  WrongPinEntity,
  ChangeEntity,
  ProtectiveWindowEntity,
  CouponEntity,
  CouponEntryEntity,
  PhotoEntity,
  CouponTestEntity,
  CardEntity,
  CardVersionEntity,
  CardProofEntity,
  SlotEntryEntity,
  MachineLinkEntity,
  LinkSendingEntity,
  MachineTelemetryEntity,
  TakenSpellEntity,
  HeardLightEntity,
  ProcedureRevisionEntity,
  LadderEntity,
  SequenceEntity,
  DayEntity,
  DayEntryEntity,
  BottleEntity,
  ShopRecordEntity,
  EyewearEntity,
  ClearanceEntity,
  HouseSheetEntity,
  LightEntryEntity,
  HeadPartEntity,
  StockItemEntity,
  UpkeepPlanEntity,
  ShopPhotoEntity,
  JobEntity,
  JobRevisionEntity,
  WeldRunEntity,
  WeldClaimEntity,
  WeldCheckEntity,
  TrialLadderEntity,
  TrialEntity,
  ModeCardEntity,
  ModeCardVersionEntity,
  WorkshopEntity,
  WorkshopSheetEntity,
  AccountEntity,
];
