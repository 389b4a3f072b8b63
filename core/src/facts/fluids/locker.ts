/**
 * Thread locker, typical of anaerobic ones; its own sheet wins. By grade it holds up to so many °C; the medium one, which is
 * what is met in a hole, lets go near `letsGoC`; at 20 °C it is firm, and of full strength, after so long.
 */
export const LOCKER = { mediumC: 150, hotC: 230, letsGoC: 200, firmMinutes: 20, fullHours: 24 } as const;
