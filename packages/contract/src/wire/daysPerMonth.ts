/** Mean days of a month. */
export const daysPerMonth = 365.25 / 12;
