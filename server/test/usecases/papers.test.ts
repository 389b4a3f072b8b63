import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inflateSync } from 'node:zlib';
import type { Response } from 'superagent';
import { v7 } from 'uuid';
// A plain script without types, which the browser tests read papers by too.
// @ts-expect-error no declaration
import { readSquares } from '../../../tools/lib/readSquares.mjs';
import { paperText } from '../../src/files/pdf/letters.ts';
import { readConfig } from '../../src/platform/config.ts';
import { passportOf } from '@deep-mend/core';
import { case1, fileOf, frozen, goodResults, startHarness, writer, type Harness } from '../harness.ts';

let harness: Harness;
let planned: Awaited<ReturnType<typeof frozen>>;
const folder = mkdtempSync(join(tmpdir(), 'papers-'));
beforeAll(async () => {
  harness = await startHarness();
  planned = await frozen(harness);
});
afterAll(async () => {
  rmSync(folder, { recursive: true });
  await harness.stop();
});

const whole = (res: Response, done: (error: null, body: Buffer) => void) => {
  const chunks: Buffer[] = [];
  res.on('data', (chunk: Buffer) => chunks.push(chunk));
  res.on('end', () => done(null, Buffer.concat(chunks)));
};
async function pdfAt(path: string, client: Pick<Harness, 'get'> = harness): Promise<Buffer> {
  const reply = await client
    .get(path)
    .buffer(true)
    .parse(whole as never)
    .expect(200);
  expect(reply.headers['content-type']).toBe('application/pdf');
  return reply.body as Buffer;
}

/** What a reader of the file sees: Debian's own tool, not ours. Spaces and line ends are one space. */
function read(pdf: Buffer): string {
  const file = join(folder, 'read.pdf');
  writeFileSync(file, pdf);
  const { stdout, stderr, status } = spawnSync('pdftotext', ['-raw', file, '-'], { encoding: 'utf8' });
  if (status !== 0) throw new Error(stderr);
  return stdout.replace(/\s+/g, ' ');
}
/** What the code of squares on its first page says; null: none is read. */
function squaresRead(pdf: Buffer): string | null {
  const file = join(folder, 'squares.pdf');
  writeFileSync(file, pdf);
  return readSquares(file) as string | null;
}
/** The drawing of a file as it stands in it, page after page. */
const drawn = (pdf: Buffer): string =>
  [...pdf.toString('latin1').matchAll(/stream\r?\n([\s\S]*?)\r?\nendstream/g)]
    .map(([, stream]) => {
      try {
        return inflateSync(Buffer.from(stream!, 'latin1')).toString('latin1');
      } catch {
        return '';
      }
    })
    .join('\n');

test.each(['mm', 'in'] as const)('the card holds every word that was frozen, in %s', async (units) => {
  const words = read(await pdfAt(`/holes/${planned.id}/card.pdf?units=${units}`));
  const { plan } = (await fileOf(harness, planned.id)).mends[0]!;
  const { steps } = plan!.said[units];
  expect(steps.length).toBeGreaterThan(10);
  for (const { title, what, caution, stop, fluid, numbers = [] } of steps) {
    for (const said of [title, what, caution, stop, fluid, ...numbers.flatMap(({ value, note }) => [value, note])])
      if (said) expect(words).toContain(paperText(said).replace(/\s+/g, ' '));
  }
  expect(words).toContain(planned.planId.slice(0, 8));
  expect(words).toContain('it does not approve');
});

/** A line of the ruler in the file: from x to x on one height, in points. */
const RULER = { mm: (50 * 72) / 25.4, in: 2 * 72 };
test.each([
  ['mm', 'a4', 595.28, 841.89],
  ['in', 'letter', 612, 792],
] as const)('its ruler is true in the file, %s on %s', async (units, paper, width, height) => {
  const pdf = await pdfAt(`/holes/${planned.id}/card.pdf?units=${units}&paper=${paper}`);
  expect(pdf.toString('latin1')).toContain(`/MediaBox [0 0 ${width} ${height}]`);
  const levels = [...drawn(pdf).matchAll(/([\d.]+) ([\d.]+) m\n([\d.]+) ([\d.]+) l/g)]
    .map((match) => match.slice(1).map(Number))
    .filter(([, y1, , y2]) => y1 === y2)
    .map(([x1, , x2]) => x2! - x1!);
  expect(levels.filter((length) => Math.abs(length - RULER[units]) < 0.02).length).toBeGreaterThan(0);
});

test('black and grey only, and never the plate’s colours', async () => {
  const colours = [
    ...drawn(await pdfAt(`/holes/${planned.id}/card.pdf`)).matchAll(/([\d.]+) ([\d.]+) ([\d.]+) (?:scn|SCN)/g),
  ];
  expect(colours.length).toBeGreaterThan(20);
  for (const [, red, green, blue] of colours) expect([red, red]).toEqual([green, blue]);
});

test.each([
  ['https://mend.example/', 'https://mend.example'],
  ['https://mend.example/shop', 'https://mend.example/shop'],
  ['http://127.0.0.1:4000', null],
  ['http://localhost:80', null],
  ['http://[::1]:80', null],
  [undefined, null],
])('PUBLIC_URL %s', (text, expected) => {
  expect(readConfig({ DATABASE_URL: 'postgres://x', ...(text ? { PUBLIC_URL: text } : {}) }).publicUrl).toBe(expected);
});
test.each(['mend.example', 'ftp://mend.example'])('PUBLIC_URL %s is refused', (text) => {
  expect(() => readConfig({ DATABASE_URL: 'postgres://x', PUBLIC_URL: text })).toThrow('PUBLIC_URL must');
});

test('a code of squares only where somebody can be led to', async () => {
  const squares = async (client: Pick<Harness, 'get'>) =>
    [...drawn(await pdfAt(`/holes/${planned.id}/card.pdf`, client)).matchAll(/ re\n/g)].length;
  const led = harness.clientWith({ publicUrl: 'https://mend.example' });
  expect((await squares(led)) - (await squares(harness))).toBeGreaterThan(200);
});

test('what is not there is said: no plan, another hole, another sheet, another shop', async () => {
  const bare = await case1(harness);
  expect((await harness.get(`/holes/${bare.id}/card.pdf`)).status).toBe(404);
  expect((await harness.get(`/holes/${v7()}/card.pdf`)).status).toBe(404);
  expect((await harness.get(`/holes/${planned.id}/card.pdf?mend=${v7()}`)).status).toBe(404);
  expect((await harness.get(`/holes/${planned.id}/card.pdf?paper=a3`)).status).toBe(400);
  expect((await harness.get('/charts.pdf?sheet=none')).status).toBe(400);
  const other = await harness.otherShop();
  expect((await other.get(`/holes/${planned.id}/card.pdf`)).status).toBe(404);
});

test.each([
  ['metric-coarse', 'M8 × 1.25 6.8 mm'],
  ['unc', '3/8-16 UNC'],
  ['drills', '6.8 mm 6.80 5/16-22 BSF, M8 × 1.25'],
])('the chart %s on paper says what the screen says', async (sheet, words) => {
  expect(read(await pdfAt(`/charts.pdf?sheet=${sheet}&units=mm`))).toContain(words);
});

test.each([
  ['≥ 3 mm', 'at least 3 mm'],
  ['Škoda–Łódź', 'Skoda–?ódz'],
  ['½ turn, 8 × 1.25, 0.8°, touch − 3', '½ turn, 8 × 1.25, 0.8°, touch − 3'],
])('%s is set as %s', (text, set) => {
  expect(paperText(text)).toBe(set);
});

test('the passport on paper tells what is in it, what must not be done, each proof with its limit, and every entry', async () => {
  const made = await frozen(harness);
  const { send } = writer(harness, made.id, made.reply.body.revision as number);
  const { mendId, planId, id } = made;
  await send('step-done', { mendId, planId, stepId: 'countersink', end: 'otherwise', note: 'by hand' });
  const results = await goodResults(harness, id, { id: 'bore', notDone: 'the gauge was away' });
  await send('result', { mendId, planId, results, note: '' });
  await send('mend-closed', { mendId, outcome: 'unproved', note: '', secondSignedBy: null });
  await send('amended', { mendId, what: 'The coil is 1.5 D', reason: 'read off the packet' });
  const file = await fileOf(harness, id);
  const pdf = await pdfAt(`/holes/${id}/passport.pdf?units=mm`);
  const words = read(pdf);
  const passport = passportOf(file, 'mm');
  for (const told of [
    passport.title,
    'Not proved',
    ...passport.keepOff,
    'not done: the gauge was away',
    'Signed by Mechanic A',
  ])
    expect(words).toContain(paperText(told));
  expect(words).toMatch(/Otherwise than planned Countersink.*: done otherwise than the card says, by hand\./);
  expect(words).toContain('Metal left for next time: ');
  for (const { title } of passport.proofs) expect(words).toContain(paperText(title));
  expect(words).toContain('one with 45 % of its depth takes a good screw too');
  expect(words).toContain('A signed mend amended: The coil is 1.5 D (read off the packet)');
  expect(words).not.toContain('?');
  expect(read(await pdfAt(`/holes/${id}/passport.pdf?units=in&paper=letter`))).toContain('Not above 797 °F');
});

test('a label says what must not be done and leads to the passport; as many as are wanted, on as many sheets', async () => {
  const words = read(await pdfAt(`/holes/${planned.id}/labels.pdf?copies=30`));
  const detail = (await harness.get(`/holes/${planned.id}`)).body as { code: string };
  const code = `${detail.code.slice(0, 4)} ${detail.code.slice(4)}`;
  expect(words.split(code)).toHaveLength(31);
  expect(words).toContain('In hand: a mend is under way');
  expect((await harness.get(`/holes/${planned.id}/labels.pdf?copies=0`)).status).toBe(400);
  await harness.post(
    `/holes/${planned.id}/events`,
    {
      id: v7(),
      kind: 'choice',
      payload: { field: 'doNotUse', value: true },
      payloadVersion: 2,
      happenedAt: '2026-01-02T08:00:00Z',
    },
    { 'If-Match': `"${(await harness.get(`/holes/${planned.id}`)).body.revision}"` },
  );
  expect(read(await pdfAt(`/holes/${planned.id}/labels.pdf?copies=1`))).toContain('Do not use this hole.');
  const led = harness.clientWith({ publicUrl: 'https://mend.example' });
  // Read off the paper, as a phone reads it: a label glued beside a hole outlives the address that somebody meant.
  for (const paper of ['labels.pdf?copies=1', 'passport.pdf?units=mm', 'card.pdf?units=mm'])
    expect(squaresRead(await pdfAt(`/holes/${planned.id}/${paper}`, led))).toMatch(
      new RegExp(`^https://mend\\.example/(holes|mend)/${planned.id}`),
    );
});

test('what is due is a calendar to subscribe to: the last word on each hole counts, of this shop alone', async () => {
  const made = await frozen(harness);
  const { send } = writer(harness, made.id, made.reply.body.revision as number);
  const feed = async (client: Pick<Harness, 'get'> = harness) => {
    const reply = await client
      .get('/due.ics')
      .buffer(true)
      .parse(whole as never)
      .expect(200);
    expect(reply.headers['content-type']).toContain('text/calendar');
    return (reply.body as Buffer).toString('utf8').replace(/\r\n[ \t]/g, '');
  };
  expect(await feed()).not.toContain('BEGIN:VEVENT');
  expect((await send('look-again', { by: 'soon', afterHours: null, what: '' })).status).toBe(400);
  await send('look-again', { by: '2027-01-05', afterHours: null, what: 'first' });
  await send('look-again', { by: '2027-03-28', afterHours: 500, what: 'the gap under the head' });
  const text = await feed();
  expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(1);
  expect(text).toContain('DTSTART;VALUE=DATE:20270328');
  expect(text).toContain('the gap under the head');
  expect(await feed(await harness.otherShop())).not.toContain('BEGIN:VEVENT');
  await send('look-again', { by: null, afterHours: null, what: '' });
  expect(await feed()).not.toContain('BEGIN:VEVENT');
});
