import type { LabelQuery, PaperQuery } from '@deep-mend/contract';
import {
  afterCutWords,
  lastMendCase,
  eventWords,
  foldHole,
  passportOf,
  placeWords,
  readStored,
  SAY,
  type UnitSystem,
} from '@deep-mend/core';
import { labelPages, passportPages } from '@deep-mend/drawing';
import { measure } from '../../files/pdf/letters.ts';
import { pdfOf } from '../../files/pdf/pdfOf.ts';
import type { Context } from '../Context.ts';
import { readHole } from '../holes/readHole.ts';
import { readShop } from '../shop/settings.ts';
import { qrOf } from './qrOf.ts';

/** A code that is typed, four by four. */
const codeWords = (code: string): string => `${code.slice(0, 4)} ${code.slice(4)}`;

async function told(context: Context, holeId: string, wanted: UnitSystem | undefined) {
  const detail = await readHole(context, holeId);
  const file = foldHole(detail.events);
  const units = wanted ?? (await readShop(context)).settings.units;
  return {
    detail,
    file,
    units,
    heading: placeWords(detail.place, file.name),
    shortCode: codeWords(detail.code),
    qr: qrOf(context.publicUrl, `/holes/${holeId}`),
    passport: passportOf(file, units),
  };
}

/** A hole's passport as a PDF. */
export async function printPassport(context: Context, holeId: string, query: PaperQuery): Promise<Uint8Array> {
  const { detail, file, ...rest } = await told(context, holeId, query.units);
  const entries = detail.events.map((event) => ({
    at: event.happenedAt,
    by: event.actor,
    words: eventWords(readStored(event)),
  }));
  const section = lastMendCase(file, detail.events);
  const left = section ? afterCutWords(section.hole, section.route, section.measured, SAY[rest.units]).join(' ') : '';
  const made = context.now();
  const day = made.toISOString().slice(0, 10);
  const sheets = passportPages({ ...rest, paper: query.paper, entries, section, left, day }, measure);
  return pdfOf(sheets, { title: `${rest.heading}: passport`, made });
}

/** Labels of a hole, as a PDF. */
export async function printLabels(context: Context, holeId: string, query: LabelQuery): Promise<Uint8Array> {
  const label = await told(context, holeId, query.units);
  const labels = Array.from({ length: query.copies }, () => label);
  return pdfOf(labelPages(labels, query.paper, measure), {
    title: `${label.heading}: label`,
    made: context.now(),
  });
}
