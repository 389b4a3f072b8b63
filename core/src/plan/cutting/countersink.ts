/** A mouth is opened this much over the major of the thread that is cut in it, mm on diameter, at 90° (rule of thumb). */
export const COUNTERSINK_OVER_MM = 0.2;
