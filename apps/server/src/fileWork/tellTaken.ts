import type { Change, Person } from '@lone-heron/contract';
import type { RecordKit } from '../kit/recordKit.js';
import { storageTrouble } from '../storage/storageFault.js';

/** Writes down who took what out of the shop. A full disk keeps nobody from taking their work off it. */
export async function tellTaken(
  kit: RecordKit,
  by: Person,
  { noun, subjectId, what }: Pick<Change, 'noun' | 'subjectId' | 'what'>,
): Promise<void> {
  try {
    await kit.enter(by, (entry) => entry.tell(noun, subjectId, what));
  } catch (fault) {
    if (storageTrouble(fault) === null) throw fault;
  }
}
