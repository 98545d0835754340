export { wireSpeedSlip } from './wireSpeedSlip.js';
export { thicknessSlip } from './thicknessSlip.js';
export { wobbleRateSlip } from './wobbleRateSlip.js';
export { temperatureSlip } from './temperatureSlip.js';
export { pressureSlip } from './pressureSlip.js';
