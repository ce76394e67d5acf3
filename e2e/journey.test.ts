import {
  horizonAtCentre,
  multiplyRotations,
  ownParts,
  parseOuting,
  panTiltRollFromRotation,
  poseRig,
  poseStrut,
  projectDirectionToPixel,
  renderPicture,
  resized,
  resolveSetUp,
  rigOfShot,
  rotate,
  rotationFromPanTiltRoll,
  inverseRotation,
  type Outing,
  type RigSpec,
  type Vec3,
} from '@strut-spot/core';
import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { PNG } from 'pngjs';
import { Key } from 'selenium-webdriver';
import { Page } from './support/browser';

/** How the made-up rider of the clip is off. */
const ERROR = { panDeg: 0, tiltDeg: -6.4, rollDeg: 2.5 };
const CLIP = { width: 480, height: 270 };

let page: Page;
beforeAll(async () => {
  page = await Page.start();
});
afterAll(() => page.stop());

async function exported(): Promise<Outing> {
  await page.go('/');
  await page.click(await page.at('//button[starts-with(@aria-label, "Export Ridge line")]'));
  const parsed = parseOuting((await page.download('.json')).toString('utf8'));
  if (!parsed.ok) throw new Error(parsed.problems.join());
  return parsed.value;
}

async function wipe(): Promise<void> {
  await page.go('/');
  await page.press('Settings');
  await page.press('Delete all outings…');
  await page.press('Delete all');
  await page.at('//p[contains(., "Nothing planned yet")]');
}

/** A still as this set-up films it with the error, and where its horizon lies, in fractions of the picture. */
function clipOf(outing: Outing) {
  const { setUp, actionStanceId } = outing.shots[0]!;
  const rig = rigOfShot(outing, outing.shots[0]!);
  const resolved = resolveSetUp(rig, setUp);
  const action = poseRig(rig, actionStanceId);
  const strut = poseStrut(resolved, poseRig(rig, 'set-up'), action);
  const rotation = multiplyRotations(rotationFromPanTiltRoll(ERROR), strut.worldFromCamera.rotation);
  const lens = resized(resolved.lens, CLIP.width);
  const camera = { position: strut.worldFromCamera.position, rotation };
  const picture = renderPicture(
    [...action.parts, ...ownParts(resolved, strut)],
    camera,
    lens,
    action.ground,
    CLIP.width,
    CLIP.height,
  );
  const png = new PNG(CLIP);
  png.data = Buffer.from(picture.rgba.buffer);
  const { panDeg } = panTiltRollFromRotation(rotation);
  const mark = (deg: number) => {
    const a = ((panDeg + deg) * Math.PI) / 180;
    const level: Vec3 = [Math.cos(a), 0, Math.sin(a)];
    const pixel = projectDirectionToPixel(lens, rotate(inverseRotation(rotation), level))!;
    return [pixel.u / CLIP.width, pixel.v / CLIP.height] as const;
  };
  return {
    png: PNG.sync.write(png),
    left: mark(-30),
    right: mark(30),
    predicted: strut.worldFromCamera.rotation,
    resolved,
  };
}

async function dragMark(name: 'left' | 'right', [x, y]: readonly [number, number]): Promise<void> {
  const frame = await (await page.find('[data-testid=clip-picture]')).getRect();
  const handle = await page.find(`[data-testid=mark-${name}]`);
  await page.driver
    .actions()
    .move({ origin: handle })
    .press()
    .move({ x: Math.round(frame.x + frame.width * x), y: Math.round(frame.y + frame.height * y), duration: 120 })
    .release()
    .perform();
}

it('from an empty store through outing, shot, spot, tilt, card, test clip and log, out and in again', async () => {
  await page.go('/');
  await page.at('//a[contains(., "Late winter on Skerra")]');
  await wipe();

  // Outing.
  await page.press('New outing');
  await page.type('#detail-name', 'Ridge line');
  await page.type('#detail-place', 'North ridge, Skerra');
  await page.click(await page.at('//a[contains(., "Mountain bike")]'));
  await page.fill("Rider's height", '181');
  await page.driver.navigate().back();

  // Shot: the search puts the camera on a believable spot.
  await page.press('Hands and trail');
  const link = await page.at('//ol//a[contains(., "1. Hands and trail")]');
  await page.at('//li[contains(., "chest") or contains(., "chin bar")]');
  await page.click(link);

  // Spot and tilt on the bench.
  await page.click(await page.at('//label[contains(., "Chest")]'));
  await page.find('[data-testid=lens-picture][data-fine=yes]');
  await page.fill('Tilt', '0');
  await page.untilText('[data-testid=level-reading]', /^level$/);
  await page.untilText('[data-testid=checks]', /stop/);
  await page.press('Set the solved angle');
  await page.untilText('[data-testid=level-reading]', /^\d+(\.5)?° up$/);
  await page.untilText('[data-testid=checks]', /good/);
  const reading = await page.text('[data-testid=level-reading]');

  // Card and its PDF.
  await page.click(await page.at('//nav//a[.="Card"]'));
  await page.untilText('[data-testid=card-level]', new RegExp(reading.slice(0, 2)));
  await page.press('Save as PDF');
  const pdf = await page.download('.pdf', 60_000);
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  expect(pdf.length).toBeGreaterThan(20_000);

  // Test clip with a known error.
  const before = await exported();
  const clip = clipOf(before);
  writeFileSync(page.scratch('clip.png'), clip.png);
  await page.go(`/outing/${before.id}/shot/${before.shots[0]!.id}/clip`);
  await (await page.find('input[aria-label="Test clip file"]')).sendKeys(page.scratch('clip.png'));
  await page.find('[data-testid=mark-left]');
  await dragMark('left', clip.left);
  await dragMark('right', clip.right);
  await page.untilText('[data-testid=clip-tilt]', /tilt [\d.]+° up/);
  const correction = Number(/([\d.]+)°/.exec(await page.text('[data-testid=clip-tilt]'))![1]);
  // Wanted: back to the horizon's place, and the error undone. Predicted tilt + error + correction = predicted tilt, for a camera that looks ahead.
  expect(Math.abs(correction - -ERROR.tiltDeg)).toBeLessThan(0.5);
  const roll = Number(/([\d.]+)°/.exec(await page.text('[data-testid=clip-roll]'))![1]);
  expect(Math.abs(roll - ERROR.rollDeg)).toBeLessThan(1);
  await page.press('Apply to the set-up');
  await page.at('//h2[contains(., "Corrections so far")]');

  // Log.
  await page.click(await page.at('//nav//a[.="Log"]'));
  await page.click(await page.at('//label[contains(., "Slipped")]'));
  await page.type('#log-note', 'Harness was loose.');
  await page.press('Add to the log');
  await page.at('//li[contains(., "mount slipped") and contains(., "Harness was loose.")]');

  // Out, wiped, in again: all the same.
  const out = await exported();
  expect(out.shots[0]!.log).toHaveLength(1);
  expect(out.shots[0]!.clips).toHaveLength(1);
  // As it really was: what was learnt of it is not there to be met again.
  const rig: RigSpec = { ...rigOfShot(out, out.shots[0]!), learnt: [] };
  expect(rig.statureM).toBeCloseTo(1.81, 9);
  writeFileSync(page.scratch('outing.json'), JSON.stringify(out));
  await wipe();
  await (await page.find('input[aria-label="Outing file to import"]')).sendKeys(page.scratch('outing.json'));
  await page.at('//a[contains(., "Ridge line")]');
  const { id: newId, ...again } = await exported();
  const { id: oldId, ...went } = out;
  expect(again).toEqual(went);
  // It is another document now: what was deleted lies in the bin.
  expect(newId).not.toBe(oldId);

  // The corrected set-up, with the same rider, puts the horizon where it was wanted.
  const corrected = resolveSetUp(rig, out.shots[0]!.setUp);
  const actual = multiplyRotations(
    rotationFromPanTiltRoll(ERROR),
    poseStrut(corrected, poseRig(rig, 'set-up'), poseRig(rig, 'crouch')).worldFromCamera.rotation,
  );
  const { heightFraction } = horizonAtCentre(corrected.lens, actual, poseRig(rig, 'crouch').ground);
  expect(Math.abs(heightFraction - out.shots[0]!.horizonAt!)).toBeLessThan(0.02);
});

it('a damaged, a foreign and a newer file are refused with their reason, and nothing changes', async () => {
  await page.go('/');
  const rows = async () => page.driver.executeScript<number>('return document.querySelectorAll("tbody tr").length');
  await page.at('//a[contains(., "Ridge line")]');
  const before = await rows();
  for (const [name, text, says] of [
    ['cut.json', '{"format":"strut-spot/outing","ver', 'not whole JSON'],
    ['foreign.json', '{"format":"other/thing","version":1}', 'This is not an outing'],
    ['newer.json', '{"format":"strut-spot/outing","version":77}', 'newer than this program reads'],
  ] as const) {
    writeFileSync(page.scratch(name), text);
    await (await page.find('input[aria-label="Outing file to import"]')).sendKeys(page.scratch(name));
    await page.untilText('[role=alert]', new RegExp(`${name} was not imported[\\s\\S]*${says}`));
    expect(await rows()).toBe(before);
  }
});

it('outings and shots are duplicated, deleted with undo, and shots reordered by keyboard', async () => {
  await page.go('/');
  await page.press('Duplicate Ridge line');
  await page.press('Delete Ridge line (copy)');
  await page.press('Undo');
  await page.click(await page.at('//a[contains(., "Ridge line (copy)")]'));
  await page.press('Duplicate Hands and trail');
  const grip = await page.button('Move Hands and trail (copy)');
  await grip.sendKeys(Key.SPACE);
  await page.driver.sleep(250);
  await grip.sendKeys(Key.ARROW_UP);
  await page.driver.sleep(250);
  await grip.sendKeys(Key.SPACE);
  await page.at('//a[normalize-space(.)="1. Hands and trail (copy)"]');
  await page.press('Delete Hands and trail (copy)');
  await page.until(
    'one shot is left',
    async () => (await page.driver.executeScript('return document.querySelectorAll("main ol > li").length')) === 1,
  );
  await page.press('Undo');
  await page.at('//a[normalize-space(.)="1. Hands and trail (copy)"]');
});

it('a video is opened at one of its frames, and what is neither picture nor video is refused', async () => {
  await page.go('/');
  await page.click(await page.at('//a[normalize-space(.)="Ridge line"]'));
  await page.click(await page.at('//ol//a[contains(., "1. Hands and trail")]'));
  await page.click(await page.at('//nav//a[.="Test clip"]'));
  const input = () => page.find('input[aria-label="Test clip file"]');
  writeFileSync(page.scratch('notes.txt'), 'no picture');
  await (await input()).sendKeys(page.scratch('notes.txt'));
  await page.untilText('[role=alert]', /neither a picture nor a video/);
  // A short video, recorded by the browser itself.
  const recorded = await page.driver.executeAsyncScript<string>(`
    const done = arguments[arguments.length - 1];
    const canvas = Object.assign(document.createElement('canvas'), { width: 320, height: 180 });
    const ink = canvas.getContext('2d');
    let n = 0;
    const paint = setInterval(() => { ink.fillStyle = n++ % 2 ? '#456' : '#ba8'; ink.fillRect(0, 0, 320, 180); }, 40);
    const recorder = new MediaRecorder(canvas.captureStream(25), { mimeType: 'video/webm' });
    const chunks = [];
    let bytes = 0;
    recorder.ondataavailable = (e) => {
      chunks.push(e.data);
      bytes += e.data.size;
      if (bytes > 12000 && recorder.state === 'recording') recorder.stop();
    };
    recorder.onstop = () => {
      clearInterval(paint);
      const reader = new FileReader();
      reader.onload = () => done(reader.result.split(',')[1]);
      reader.readAsDataURL(new Blob(chunks, { type: 'video/webm' }));
    };
    recorder.start(200);
  `);
  writeFileSync(page.scratch('clip.webm'), Buffer.from(recorded, 'base64'));
  await (await input()).sendKeys(page.scratch('clip.webm'));
  await page.until(
    'the video is shown',
    async () => (await page.driver.executeScript('return document.querySelector("video")?.videoWidth')) === 320,
  );
  await (await page.find('[data-testid=mark-left]')).sendKeys(Key.chord(Key.SHIFT, Key.ARROW_UP));
  await page.untilText('[data-testid=clip-tilt]', /°|right/);
});

it('an exported set-up is evaluated by the command line as the page does', async () => {
  await page.click(await page.at('//nav//a[.="Card"]'));
  await page.press('Export the set-up');
  const file = await page.download('.set-up.json');
  writeFileSync(page.scratch('set-up.json'), file);
  const { stdout, status } = spawnSync('npm', ['run', '--silent', 'evaluate', '--', page.scratch('set-up.json')], {
    cwd: join(__dirname, '..'),
    encoding: 'utf8',
  });
  expect(status).toBe(0);
  const report = JSON.parse(stdout) as {
    spotName: string;
    checks: { check: string }[];
    found: { frame: { stances: unknown[] } };
  };
  expect(report.spotName).toBe('Chest');
  expect(report.checks[0]!.check).toBe('frame');
  expect(report.found.frame.stances).toHaveLength(5);
});

it('asked for nothing beyond this machine, and the page reported no error', async () => {
  const foreign = (await page.requests()).filter(
    (url) => !/^(http:\/\/127\.0\.0\.1[:/]|data:|blob:http:\/\/127\.0\.0\.1|about:|chrome(-untrusted)?:)/.test(url),
  );
  expect(foreign).toEqual([]);
  expect(await page.errors()).toEqual([]);
});
