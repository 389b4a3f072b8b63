/**
 * Thread locker, typical of anaerobic ones; its own sheet wins. It holds up to so many °C, by grade, and lets go when it is
 * heated well past that; at 20 °C it is firm, and of full strength, after so long.
 */
export const LOCKER = { mediumC: 150, hotC: 230, letsGoC: 200, firmMinutes: 20, fullHours: 24 } as const;
