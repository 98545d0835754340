export { wireDiameterFor, wireDiameters, type WireChoice } from './wireDiameter.js';
export { buttFill } from './buttFill.js';
export { wireArea, travelFromWire, wireForTravel } from './wirePace.js';
