/**
 * A line in the picture: x, y and z of each point and how far along its shape it lies, 0 to 1, one after the other.
 * Numbers in one row, since a figure has thousands of them.
 */
export type Line = readonly number[];
/** Numbers of a point of a line. */
export const OF_POINT = 4;
