import {
  fieldProblems,
  machineFileSchema,
  withoutGaps,
  type Machine,
  type MachineFile,
} from '@lone-heron/contract';
import { inFileName, saveFile } from '../../shared/files/saveFile.js';

/** Largest file that is read, bytes: a machine's own is a few kilobytes. */
const largest = 200_000;

/** A machine as a file of its own. */
export function machineFileOf({ name, profile }: Machine): MachineFile {
  return { format: 'lone-heron-machine', version: 1, name, profile };
}

/** Hands the machine's file to the browser to keep. */
export function saveMachineFile(machine: Machine): void {
  const text = `${JSON.stringify(machineFileOf(machine), null, 2)}\n`;
  saveFile(`${inFileName(machine.name)}.machine.json`, new Blob([text], { type: 'application/json' }));
}

/** What a file held, or why it is none of a machine's. */
export type ReadMachineFile = { readonly file: MachineFile } | { readonly fault: string };

/** Reads a machine's file; nothing throws on what a file may hold. */
export function readMachineFile(text: string): ReadMachineFile {
  if (text.length > largest)
    return { fault: `The file is larger than ${largest / 1000} kB: it is no machine’s.` };
  let content: unknown;
  try {
    content = JSON.parse(text);
  } catch {
    return { fault: 'The file is not JSON: take one that was exported here.' };
  }
  const parsed = machineFileSchema.safeParse(withoutGapsInFile(content));
  if (parsed.success) return { file: parsed.data };
  const [first] = fieldProblems(parsed.error, content);
  if (first === undefined) return { fault: 'The file is no machine’s.' };
  const where = first.field === '' ? 'the file' : first.field;
  return { fault: `In the file ${where} is ${first.given}; allowed is ${first.allowed}.` };
}

/** A file from an older version knows less of a machine: the rest reads as not known. */
function withoutGapsInFile(content: unknown): unknown {
  if (typeof content !== 'object' || content === null || !('profile' in content)) return content;
  return { ...content, profile: withoutGaps(content.profile) };
}
