/**
 * Which hole it is, where: for what shows nothing else of it. A hole that was only numbered is called one.
 * @example placeWords({ assetName: 'Slipway winch', faceName: 'Sump face' }, '4') // 'Slipway winch, Sump face, hole 4'
 * @example placeWords(null, 'Drain plug') // 'Drain plug'
 */
export const placeWords = (place: { assetName: string; faceName: string } | null, name: string): string =>
  [place?.assetName, place?.faceName, /^\d+$/.test(name) ? `hole ${name}` : name].filter(Boolean).join(', ');
