/** Half-width of 95 % of a normal distribution, in standard deviations. */
export const Z95 = 1.959964;
