import { Page } from './support/browser';

/** So many rounds; npm run endure asks for more. */
const ROUNDS = Number(process.env.KILLS ?? 1);
/** An edit older than this when the browser dies must be there. */
const WRITTEN_WITHIN_MS = 500;
jest.setTimeout(60_000 + ROUNDS * 30_000);

let seed = 17;
const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Writes into the outing's note as somebody who types does, and says when the page had it. */
const WRITE = `
  const note = document.querySelector('#detail-note');
  Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(note, arguments[0]);
  note.dispatchEvent(new Event('input', { bubbles: true }));
  return Date.now();`;

it(`killed in the middle of editing, ${ROUNDS} times: every outing opens, and no edit older than half a second is lost`, async () => {
  let page = await Page.start({ own: true });
  await page.open('/');
  await page.click(await page.at('//a[contains(., "Late winter on Skerra")]'));
  const address = '/outing/skerra-late-winter';
  const lost: number[] = [];
  let unreadable = 0;
  for (let round = 0; round < ROUNDS; round++) {
    await page.find('#detail-note');
    const edits: { text: string; at: number }[] = [];
    const until = Date.now() + 200 + random() * 1500;
    while (Date.now() < until) {
      const text = `round ${round}, edit ${edits.length}`;
      edits.push({ text, at: await page.driver.executeScript<number>(WRITE, text) });
      await pause(random() * 120);
    }
    await pause(random() * 1500);
    const killedAt = Date.now();
    page = await page.killAndRestart();
    await page.open(address);
    const note = await page
      .find('#detail-note')
      .then((field) => field.getAttribute('value'))
      .catch(() => null);
    if (note === null) {
      unreadable++;
      await page.open('/');
      continue;
    }
    const kept = edits.findIndex((edit) => edit.text === note);
    const firstLost = edits[kept + 1];
    if (firstLost) lost.push(killedAt - firstLost.at);
  }
  await page.stop();
  const late = lost.filter((age) => age > WRITTEN_WITHIN_MS);
  console.info(
    `${ROUNDS} kills: ${unreadable} unreadable, ${lost.length} with the last edit lost, oldest ${Math.max(0, ...lost)} ms, ${late.length} older than ${WRITTEN_WITHIN_MS} ms`,
  );
  expect([unreadable, late]).toEqual([0, []]);
});
