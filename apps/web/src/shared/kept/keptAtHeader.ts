/** Says in an answer that this browser kept it, and when the server gave it. */
export const keptAtHeader = 'X-Kept-At';
