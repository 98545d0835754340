/** Token of the switch whether reading, too, is for signed-in people alone. */
export const readingIsClosed = Symbol('reading is closed');
