import { parseOuting } from '@strut-spot/core';
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { questionOf, shotFound, tasksOf } from './searchShot';
import { answered } from './threads';

/** Command line: every shot of an exported outing searched over all its carrier's spots and the whole kit; JSON on stdout, progress on stderr. */
const USAGE = 'npm run --silent search -- FILE [--jobs N] [--shot ID]...';
/** More threads than that wait for each other. */
const MOST_JOBS = 64;
/** Spots between two lines of progress. */
const TOLD_EVERY = 10;

function fail(message: string): never {
  console.error(message);
  process.exit(1);
}

function asked() {
  try {
    return parseArgs({
      allowPositionals: true,
      options: { jobs: { type: 'string', default: '1' }, shot: { type: 'string', multiple: true } },
    });
  } catch (error) {
    return fail(`${(error as Error).message}\n${USAGE}`);
  }
}

const {
  positionals: [path],
  values: { jobs, shot: only },
} = asked();
if (!path) fail(`Which outing? ${USAGE}`);
const threads = Number(jobs);
if (!Number.isInteger(threads) || threads < 1 || threads > MOST_JOBS)
  fail(`--jobs is a whole number from 1 to ${MOST_JOBS}, not "${jobs}".`);
let text: string;
try {
  text = readFileSync(path, 'utf8');
} catch (error) {
  fail(`Cannot read ${path}: ${(error as Error).message}`);
}
const parsed = parseOuting(text);
if (!parsed.ok) fail(`${path}:\n${parsed.problems.map((p) => `  ${p}`).join('\n')}`);
const outing = parsed.value;
const missing = only?.find((id) => !outing.shots.some((shot) => shot.id === id));
if (missing !== undefined)
  fail(`No shot "${missing}" in ${path}: it has ${outing.shots.map(({ id }) => id).join(', ') || 'none'}.`);

const began = Date.now();
const shots = outing.shots.filter(({ id }) => !only || only.includes(id));
const script = new URL('./searchThread.js', import.meta.url);
const tasks = shots.map((shot) => tasksOf(questionOf(outing, shot)));
const all = tasks.flat();
// All shots in one go: a thread is quickest once it is warm.
const answers = await answered(all, threads, script, (done) => {
  if (done % TOLD_EVERY === 0 || done === all.length)
    console.error(`${done} of ${all.length} spots, ${((Date.now() - began) / 1000).toFixed(1)} s`);
});
const found = shots.map((shot, i) => {
  const from = tasks.slice(0, i).flat().length;
  return shotFound(shot, answers.slice(from, from + tasks[i]!.length));
});
// JSON has no infinities: a sky line that the lens has no image of is written as null.
console.log(JSON.stringify({ outing: outing.name, shots: found }, null, 2));
