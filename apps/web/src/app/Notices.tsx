import { ClockDiffers } from './ClockDiffers.js';
import { KeepingTold } from './KeepingTold.js';
import { ServerAway } from './ServerAway.js';

/** What stands above every page while something is not as it should be. */
export default function Notices() {
  return (
    <>
      <ServerAway />
      <ClockDiffers />
      <KeepingTold />
    </>
  );
}
