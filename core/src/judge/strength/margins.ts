/** “Fastener breaks first”: strip over break load. 1.25 covers a screw 20 % above its class minimum (docs/methods.md, Strength). */
export const FASTENER_FIRST = { holds: 1.25, care: 1.0 } as const;

/** “Carries the preload”: strip load over preload, by how the joint is loaded; the scatter of tightening is in these margins. */
export const PRELOAD_MARGINS = { static: { holds: 1.5, care: 1.3 }, pulsating: { holds: 2.0, care: 1.6 } } as const;
