import type { ClipPictureIn } from '../../workers/measureClip';

/** Pictures are followed at this width: the widest that keeps up with a phone. */
const LONG_SIDE_PX = 480;
/** So much of a clip is looked at, seconds. */
export const MOST_SECONDS = 12;
/** Played slower, so that a slow machine gets hold of every picture. */
const PLAYED_AT = 0.5;
/** Pictures that wait to be followed: at so many the video is held, and goes on once only so few are left. */
const WAITING = { most: 24, few: 8 } as const;

/** Draws to a small canvas, in shades of grey. */
function greyOf(context: CanvasRenderingContext2D, source: CanvasImageSource, atS: number): ClipPictureIn {
  const { width: widthPx, height: heightPx } = context.canvas;
  context.drawImage(source, 0, 0, widthPx, heightPx);
  const { data } = context.getImageData(0, 0, widthPx, heightPx);
  const grey = new Uint8Array(widthPx * heightPx);
  for (let i = 0; i < grey.length; i++)
    grey[i] = (77 * data[4 * i]! + 151 * data[4 * i + 1]! + 28 * data[4 * i + 2]!) >> 8;
  return { grey, widthPx, heightPx, atS };
}

function smallCanvas(width: number, height: number): CanvasRenderingContext2D {
  const scale = Math.min(1, LONG_SIDE_PX / Math.max(width, height));
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [Math.round(width * scale), Math.round(height * scale)];
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('this browser draws no pictures');
  return context;
}

/** The pictures of a video as the browser decodes them, from its beginning. @throws Error where it cannot be played here */
export async function* videoPictures(url: string, stopped: () => boolean): AsyncGenerator<ClipPictureIn> {
  const video = document.createElement('video');
  Object.assign(video, { muted: true, playsInline: true, preload: 'auto', src: url });
  await new Promise<void>((ready, failed) => {
    video.onloadeddata = () => ready();
    video.onerror = () => failed(new Error('this browser cannot decode it: MP4 (H.264) or WebM would do'));
  });
  const context = smallCanvas(video.videoWidth, video.videoHeight);
  // Each is drawn at the moment it is shown, so that picture and moment belong together however long the one before is still followed.
  const waiting: ClipPictureIn[] = [];
  let over = false;
  let wake: () => void = () => undefined;
  const end = () => {
    over = true;
    wake();
  };
  const take: VideoFrameRequestCallback = (_, { mediaTime }) => {
    if (over) return;
    if (mediaTime > MOST_SECONDS) return end();
    waiting.push(greyOf(context, video, mediaTime));
    if (waiting.length >= WAITING.most) video.pause();
    video.requestVideoFrameCallback(take);
    wake();
  };
  video.addEventListener('ended', end);
  video.requestVideoFrameCallback(take);
  video.playbackRate = PLAYED_AT;
  await video.play();
  try {
    let last = -1;
    for (;;) {
      const picture = waiting.shift();
      if (stopped()) return;
      if (picture) {
        if (video.paused && !video.ended && waiting.length <= WAITING.few) await video.play();
        if (picture.atS > last) yield picture;
        last = Math.max(last, picture.atS);
      } else if (over || video.ended) return;
      else await new Promise<void>((woken) => (wake = woken));
    }
  } finally {
    over = true;
    video.pause();
    video.removeAttribute('src');
  }
}

/** The pictures of a ZIP of PNG pictures with clip.json, as the stand-in camera gives them. @throws Error where it is none */
export async function zippedPictures(blob: Blob): Promise<AsyncGenerator<ClipPictureIn>> {
  const { unzipSync, strFromU8 } = await import('fflate');
  const files = unzipSync(new Uint8Array(await blob.arrayBuffer()));
  const head: unknown = files['clip.json'] && JSON.parse(strFromU8(files['clip.json']));
  const fps = (head as { framesPerSecond?: unknown } | undefined)?.framesPerSecond;
  if (typeof fps !== 'number' || !(fps > 0)) throw new Error('it is no clip of the stand-in camera');
  const names = Object.keys(files).filter((name) => name.endsWith('.png'));
  return pictures(
    names.sort().map((name) => files[name]!),
    fps,
  );
}

async function* pictures(pngs: readonly Uint8Array[], fps: number): AsyncGenerator<ClipPictureIn> {
  let context: CanvasRenderingContext2D | null = null;
  for (const [k, png] of pngs.entries()) {
    const bitmap = await createImageBitmap(new Blob([png.slice().buffer], { type: 'image/png' }));
    context ??= smallCanvas(bitmap.width, bitmap.height);
    const picture = greyOf(context, bitmap, k / fps);
    bitmap.close();
    yield picture;
  }
}
