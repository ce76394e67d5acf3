import { MOST_SECONDS, videoPictures } from './clipPictures';

/** A video that shows its pictures when told to, and ends when told to. */
class Film extends EventTarget {
  readonly videoWidth = 960;
  readonly videoHeight = 540;
  ended = false;
  paused = true;
  private shown: ((now: number, at: { mediaTime: number }) => void) | null = null;
  set src(_: string) {
    setTimeout(() => this.onloadeddata());
  }
  onloadeddata: () => void = () => undefined;
  onerror: () => void = () => undefined;
  requestVideoFrameCallback(shown: NonNullable<Film['shown']>): void {
    this.shown = shown;
  }
  async play(): Promise<void> {
    this.paused = false;
    this.onplay();
  }
  onplay: () => void = () => undefined;
  pause(): void {
    this.paused = true;
  }
  removeAttribute(): void {}
  show(mediaTime: number): void {
    const { shown } = this;
    this.shown = null;
    shown?.(0, { mediaTime });
  }
  end(): void {
    this.ended = true;
    this.dispatchEvent(new Event('ended'));
  }
}

let film: Film;
const create = document.createElement.bind(document);
beforeEach(() => {
  film = new Film();
  jest.spyOn(document, 'createElement').mockImplementation((name: string) => {
    if (name === 'video') return film as never;
    if (name !== 'canvas') return create(name);
    const canvas = { width: 0, height: 0 };
    const grey = () => ({ data: new Uint8ClampedArray(canvas.width * canvas.height * 4).fill(90) });
    return { ...canvas, getContext: () => ({ canvas, drawImage: () => undefined, getImageData: grey }) } as never;
  });
});
afterEach(() => jest.restoreAllMocks());

const moments = async (pictures: AsyncGenerator<{ atS: number }>, after?: (atS: number) => void) => {
  const seen: number[] = [];
  for await (const { atS } of pictures) {
    seen.push(atS);
    after?.(atS);
    await new Promise((done) => setTimeout(done));
  }
  return seen;
};
const never = () => false;
const soon = (what: () => void) => setTimeout(what);

it('gives each picture once with its moment, and ends with the video', async () => {
  film.onplay = () => soon(() => film.show(0));
  const seen = await moments(videoPictures('blob:film', never), (atS) =>
    soon(() => (atS < 0.1 ? film.show(atS + 0.04) : film.end())),
  );
  expect(seen).toHaveLength(4);
  expect(seen[3]).toBeCloseTo(0.12, 9);
  expect(film.paused).toBe(true);
});

it('a video that comes to its end while a picture is still being followed is not waited for', async () => {
  film.onplay = () => soon(() => film.show(0));
  const seen = await moments(videoPictures('blob:film', never), (atS) => {
    if (atS > 0) return;
    // Both come before whoever follows the first picture asks for more.
    film.show(0.04);
    film.end();
  });
  expect(seen).toEqual([0, 0.04]);
});

it('a video is held while many pictures wait to be followed, goes on, and none of them is left out', async () => {
  const times = Array.from({ length: 40 }, (_, i) => i / 30);
  let next = 0;
  let held = 0;
  film.onplay = () =>
    soon(() => {
      while (next < times.length && !film.paused) film.show(times[next++]!);
      if (next < times.length) held++;
      else film.end();
    });
  expect(await moments(videoPictures('blob:film', never))).toEqual(times);
  expect(held).toBeGreaterThan(0);
});

it('a picture that is shown again, as after a pause, is not followed twice', async () => {
  film.onplay = () => soon(() => film.show(0.2));
  let times = 0;
  const seen = await moments(videoPictures('blob:film', never), () =>
    soon(() => {
      film.show(0.2);
      soon(() => (++times > 1 ? film.end() : film.show(0.3)));
    }),
  );
  expect(seen).toEqual([0.2, 0.3]);
});

it('leaves off when told to, and at the longest that is looked at', async () => {
  film.onplay = () => soon(() => film.show(0));
  let stopped = false;
  const begun = moments(
    videoPictures('blob:film', () => stopped),
    () => {
      stopped = true;
      soon(() => film.show(0.04));
    },
  );
  expect(await begun).toEqual([0]);
  film = new Film();
  film.onplay = () => soon(() => film.show(MOST_SECONDS - 0.02));
  const late = moments(videoPictures('blob:film', never), () => soon(() => film.show(MOST_SECONDS + 0.02)));
  expect(await late).toEqual([MOST_SECONDS - 0.02]);
});

it('a video that the browser cannot decode is refused with what would do', async () => {
  Object.defineProperty(film, 'src', { set: () => soon(() => film.onerror()) });
  await expect(moments(videoPictures('blob:film', never))).rejects.toThrow(/MP4 \(H.264\) or WebM/);
});
