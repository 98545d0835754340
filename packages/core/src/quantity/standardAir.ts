/** Pressure of the air that gauges read above, Pa. */
export const standardAtmosphere = 1.01325e5;

/** Temperature that normal volumes of gas are counted at, K: 0 °C. */
export const normalTemperature = 273.15;
