import { farFace, jointThermal, metalNeeded } from '../joint/index.js';
import { beadBalance, type BeadBalance } from '../melt/index.js';
import { metre, squareMetre } from '../quantity/index.js';
import { wireArea } from '../wire/index.js';
import type { WeldForecast } from './forecastWeld.js';
import type { WeldSetting } from './WeldSetting.js';

/** Crown, undercut, root and sag that a setting leaves, with the depth as the shop's coupons have it. */
export function beadBalanceOf(setting: WeldSetting, forecast: WeldForecast): BeadBalance {
  const { joint } = forecast.pass;
  const { thickness } = jointThermal(joint);
  const { pace } = setting;
  const laid = pace.by === 'wire' ? (wireArea(pace.diameter) * pace.wireSpeed) / forecast.travel : 0;
  const { gap, fill, edges } = metalNeeded(joint, forecast.prediction.width);
  return beadBalance({
    faceWidth: forecast.prediction.width,
    depth: metre(forecast.expectedReach * thickness),
    thickness,
    gapArea: gap,
    // Without wire a fillet is made of the sheets' own edges: what they lose there is not undercut.
    fillArea: squareMetre(pace.by === 'wire' ? fill - edges : 0),
    isOpenBehind: farFace(joint).isOpen,
    laid: squareMetre(laid),
  });
}
