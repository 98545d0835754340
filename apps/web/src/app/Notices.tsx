import { NewsListener } from '../shared/news/NewsListener.js';
import { ClockDiffers } from './ClockDiffers.js';
import { KeepingTold } from './KeepingTold.js';
import { LiveStrip } from './live/LiveStrip.js';
import { ServerAway } from './ServerAway.js';

/** What stands above every page: what the machines say, and what is not as it should be. */
export default function Notices() {
  return (
    <>
      <NewsListener />
      <LiveStrip />
      <ServerAway />
      <ClockDiffers />
      <KeepingTold />
    </>
  );
}
