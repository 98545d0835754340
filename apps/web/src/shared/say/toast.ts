import { toast as shown, type ExternalToast } from 'sonner';
import { freePlace } from './freePlace.js';

/** Says what was done, where it lies over nothing that can be pressed. */
export function toast(words: string, options: ExternalToast = {}): void {
  shown(words, { position: freePlace(), ...options });
}

/** Says what could not be done. */
export function toastFailure(words: string): void {
  shown.error(words, { position: freePlace() });
}
