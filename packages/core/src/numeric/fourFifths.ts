/** The middle four fifths of a normal variable lie within so many standard deviations of its mean. */
export const fourFifths = 1.2815515655446004;
