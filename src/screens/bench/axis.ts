/** Room beside the Trace for its axes, px; the step bar and the lanes keep the same. */
export const AXIS_LEFT = 46;
export const AXIS_RIGHT = 46;
