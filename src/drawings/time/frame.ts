/** Room around what is drawn over the clock, px; charts, step bar and lanes keep the same. */
export const AXIS_LEFT = 46;
export const AXIS_RIGHT = 46;
export const AXIS_TOP = 10;
export const AXIS_BOTTOM = 22;
