import type * as ToyEntry from './toy/entry.ts';
import { build, type Plugin } from 'esbuild';
import { randomBytes } from 'node:crypto';
import { rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import pino from 'pino';
import { Sequelize } from 'sequelize';
import supertest from 'supertest';
import { v7 } from 'uuid';
import { ADDITIONS, REMOVALS } from './toy/additions.ts';
import { compilerOver, Overlay, ROOT } from './toy/Overlay.ts';

// The table “one place for each fact”, proved: exactly the files and lines that it names are added to the real tree in
// memory. They compile; without any one of their members they do not; and they run through planner, server and fold.

const overlay = new Overlay();
for (const addition of Object.values(ADDITIONS)) overlay.add(addition);
const compiler = compilerOver(overlay);

test.each([[['core', 'contract', 'cli', 'demo']], [['server']], [['web']]])(
  'a toy of everything compiles in %j, with nothing else touched',
  (workspaces) => {
    expect(compiler.errors(workspaces)).toEqual([]);
  },
  60_000,
);

test.each(REMOVALS)(
  '$what does not compile',
  ({ file, text, complains }) => {
    const whole = overlay.read(file);
    expect(whole).toContain(text);
    overlay.write(file, whole.replace(text, text === 'toy: Name' ? 'toy: z.number()' : ''));
    const found = compiler.errorsIn(complains);
    overlay.write(file, whole);
    expect(found).not.toEqual([]);
  },
  30_000,
);

type Built = typeof ToyEntry;

/** Our own packages from the overlay; everything from npm stays outside. */
const overTheTree: Plugin = {
  name: 'overlay',
  setup(builder) {
    builder.onResolve({ filter: /^[^./]/ }, (args) =>
      args.kind === 'entry-point' || args.path.startsWith('@deep-mend/') || args.path.startsWith('d3-')
        ? null
        : { path: args.path, external: true },
    );
    builder.onResolve({ filter: /^\./ }, (args) => {
      const path = join(dirname(args.importer), args.path);
      return overlay.has(path.slice(ROOT.length + 1)) ? { path } : null;
    });
    builder.onLoad({ filter: /\.tsx?$/ }, (args) => {
      const path = args.path.slice(ROOT.length + 1);
      return overlay.has(path) ? { contents: overlay.read(path), loader: 'tsx', resolveDir: dirname(args.path) } : null;
    });
  },
};

describe('a toy of everything runs', () => {
  const outfile = join(ROOT, 'server', 'dist', `toy-${process.pid}.cjs`);
  let built: Built;
  beforeAll(async () => {
    await build({
      absWorkingDir: ROOT,
      entryPoints: ['server/test/toy/entry.ts'],
      outfile,
      bundle: true,
      platform: 'node',
      format: 'cjs',
      target: 'node20',
      logLevel: 'error',
      // A bundle in the old module form has no address of its own; fonts are looked for from it.
      define: { 'import.meta.url': JSON.stringify(pathToFileURL(outfile).href) },
      loader: { '.css': 'empty' },
      plugins: [overTheTree],
    });
    built = jest.requireActual<Built>(outfile);
  }, 60_000);
  afterAll(() => rmSync(outfile, { force: true }));

  test('the planner takes the new choice and reading, and proposes the new way and means in words', () => {
    const hole = { thread: 'M8', parent: 'grey-iron', kind: 'through', depth: 20, toyChoice: 4, toyReading: 2 };
    const { reply } = built.answerLine('routes', JSON.stringify(hole), 1);
    const { routes } = reply as { routes: { id: string; notes: string[]; checks: object[]; ownSteps: object[] }[] };
    const toy = routes.find((route) => route.id === 'toy-way')!;
    expect(toy).toMatchObject({ verdict: 'with-care', notes: ['a toy of 25.4 mm'] });
    expect(toy.checks).toContainEqual(
      expect.objectContaining({
        kind: 'toy-check',
        because: 'a toy of 7 mm',
        remedy: { id: 'toy-step', step: 'Play.' },
        working: expect.objectContaining({ title: 'Toy' }),
      }),
    );
    expect(toy.ownSteps).toEqual([expect.objectContaining({ id: 'play', what: 'Play for 25.4 mm.' })]);
    const wrong = built.answerLine('routes', JSON.stringify({ ...hole, toyChoice: 40 }), 1);
    expect(wrong.reply).toMatchObject({ error: { field: 'toyChoice' } });
    const free = built.answerLine('free', JSON.stringify({ thread: 'M8', parent: 'grey-iron', what: 'stud' }), 1);
    expect((free.reply as { means: object[] }).means).toContainEqual(
      expect.objectContaining({ id: 'toy-means', because: 'a toy of 3 mm', stop: 'It is bedtime.' }),
    );
  });

  test('the new station stands on the rail and says when it is shut', () => {
    const facts = { ready: true, hasPlan: false, isStuck: false, saysStuck: false, cut: 'no-plan' } as const;
    expect(built.STATION_IDS).toContain('toy');
    expect(built.shutStations(facts)).toMatchObject({ toy: 'Bedtime' });
    expect(built.shutStations({ ...facts, hasPlan: true })).not.toHaveProperty('toy');
  });

  test('the server admits, records and folds the new kind of event, choice and reading', async () => {
    const cluster = process.env.TEST_CLUSTER_URL!;
    const database = `t_${randomBytes(6).toString('hex')}`;
    const admin = new Sequelize(`${cluster}/postgres`, { dialect: 'postgres', logging: false });
    await admin.query(`CREATE DATABASE ${database}`);
    const sequelize = built.connect(`${cluster}/${database}`, (error) => {
      throw error;
    });
    await built.migrate(sequelize);
    const shop = await built.ensureShop(sequelize);
    const app = built.createApp({
      sequelize,
      searching: sequelize,
      ...shop,
      webFolder: null,
      logger: pino({ level: 'silent' }),
      now: () => new Date('2026-11-23T08:00:00Z'),
    });
    const http = supertest(app.callback());
    const happenedAt = '2026-11-23T08:00:00.000Z';
    const id = v7();
    const post = (path: string, body: object, revision = 1) =>
      http
        .post(`/api/v1${path}`)
        .set('If-Match', `"${revision}"`)
        .send({ happenedAt, ...body });
    await post('/holes', { id, name: 'Hole 1', faceId: null, mend: null }).expect(200);
    const append = (kind: string, payload: object, revision?: number) =>
      post(`/holes/${id}/events`, { id: v7(), kind, payload }, revision);
    await append('toy-event', { toy: 'Teddy' }).expect(200);
    await append('toy-event', { toy: 4 }).expect(400);
    await append('choice', { field: 'toyChoice', value: 4 }, 1).expect(200);
    const reading = { text: '2', notation: 'mm', mm: 2, halfWidthMm: 0, instrument: 'rule' };
    await append('reading', { quantity: 'toy', ...reading }).expect(200);
    const { body } = await http.get(`/api/v1/holes/${id}`).expect(200);
    const file = built.foldHole((body as { events: Parameters<Built['foldHole']>[0] }).events);
    expect(file).toMatchObject({ name: 'Teddy', choices: { toyChoice: 4 }, live: { toy: { mm: 2 } } });
    await sequelize.close();
    await admin.query(`DROP DATABASE ${database} WITH (FORCE)`);
    await admin.close();
  });
});
