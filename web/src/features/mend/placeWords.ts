import type { HoleDetail } from '@deep-mend/contract';

/** Which hole it is, where: for the top of a page that shows nothing else of it. */
export const placeWords = ({ place }: Pick<HoleDetail, 'place'>, name: string): string =>
  [place?.assetName, place?.faceName, /^\d+$/.test(name) ? `hole ${name}` : name].filter(Boolean).join(', ');
