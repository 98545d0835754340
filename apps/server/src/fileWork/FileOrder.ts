import type {
  ColumnUnits,
  CouponFileFormat,
  CouponFilter,
  ExchangeFileFormat,
  Person,
} from '@lone-heron/contract';

/** A file that is read in: looked at, or stored once it was. */
export type ReadOrder =
  | {
      readonly job: 'couponFile.preview';
      readonly format: CouponFileFormat;
      readonly bytes: Uint8Array;
      readonly by: Person;
    }
  | {
      readonly job: 'couponFile.store';
      readonly format: CouponFileFormat;
      readonly bytes: Uint8Array;
      readonly by: Person;
      readonly hash: string;
    }
  | {
      readonly job: 'exchange.preview';
      readonly format: ExchangeFileFormat;
      readonly bytes: Uint8Array;
      readonly by: Person;
      readonly taken: readonly string[];
    }
  | {
      readonly job: 'exchange.store';
      readonly format: ExchangeFileFormat;
      readonly bytes: Uint8Array;
      readonly by: Person;
      readonly taken: readonly string[];
      readonly hash: string;
    };

/** A file that is written. Who takes it is null where nobody is signed in. */
export type WriteOrder =
  | {
      readonly job: 'couponFile.write';
      readonly format: CouponFileFormat;
      readonly filter: CouponFilter;
      readonly units: ColumnUnits;
      readonly by: Person | null;
    }
  | {
      readonly job: 'exchange.write';
      readonly format: ExchangeFileFormat;
      /** Ids of the cards, with what they need; null for everything. */
      readonly cards: readonly string[] | null;
      readonly by: Person | null;
    };

/** What a thread can be asked to do with a file. It crosses to a thread as it is. */
export type FileOrder = ReadOrder | WriteOrder;
