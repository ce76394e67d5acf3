import type { Chart } from 'chart.js';
import { bandsAndMarks, paperOptions, points } from './chartPaper';

/** A pen that keeps what is written and drawn, and where. */
function paper() {
  const texts: { text: string; x: number; y: number; align: string }[] = [];
  const rects: { x: number; width: number }[] = [];
  const lines: number[] = [];
  const ctx = {
    textAlign: 'left',
    save() {},
    restore() {},
    beginPath() {},
    rect() {},
    clip() {},
    stroke() {},
    setLineDash() {},
    moveTo: (x: number) => lines.push(x),
    lineTo() {},
    createPattern: () => null,
    fillRect: (x: number, _y: number, width: number) => rects.push({ x, width }),
    measureText: (text: string) => ({ width: 6 * text.length }),
    fillText: (text: string, x: number, y: number) => texts.push({ text, x, y, align: ctx.textAlign }),
  };
  // 1 to 100 Hz over 400 px, a decade each 200.
  const getPixelForValue = (hz: number) => 50 + 200 * Math.log10(hz);
  const chart = {
    ctx,
    chartArea: { left: 50, right: 450, top: 10, bottom: 210, width: 400, height: 200 },
    scales: { x: { min: 1, max: 100, getPixelForValue } },
  } as unknown as Chart<'line'>;
  return { chart, texts, rects, lines };
}
const { getContext } = HTMLCanvasElement.prototype;
beforeAll(() => {
  HTMLCanvasElement.prototype.getContext = (() => ({
    fillRect() {},
    beginPath() {},
    moveTo() {},
    lineTo() {},
    stroke() {},
  })) as never;
});

afterAll(() => {
  HTMLCanvasElement.prototype.getContext = getContext;
});

const drawn = (...[bands, marks]: Parameters<typeof bandsAndMarks>) => {
  const sheet = paper();
  const plugin = bandsAndMarks(bands, marks);
  void plugin.beforeDatasetsDraw!(sheet.chart, {} as never, {});
  plugin.afterDatasetsDraw!(sheet.chart, {} as never, {}, false);
  return sheet;
};

describe('bands', () => {
  it('lie where their frequencies are, as far as the chart goes', () => {
    const { rects, texts } = drawn(
      [
        { fromHz: 0.1, toHz: 10, hatch: 'rising', label: 'steering' },
        { fromHz: 10, toHz: 1000, hatch: 'dots', label: 'jelly' },
      ],
      [],
    );
    expect(rects).toEqual([
      { x: 50, width: 200 },
      { x: 250, width: 200 },
    ]);
    expect(texts.map(({ text, x }) => [text, x])).toEqual([
      ['steering', 54],
      ['jelly', 254],
    ]);
    // One under the other: bands that overlap keep their names apart.
    expect(texts[1]!.y).toBeGreaterThan(texts[0]!.y + 8);
  });

  it('beyond the chart or too thin to be seen are left out', () => {
    const { rects, texts } = drawn([{ fromHz: 20, toHz: 20.1, hatch: 'falling', label: 'thin' }], []);
    expect([rects, texts]).toEqual([[], []]);
  });
});

describe('marks', () => {
  it('stand at their frequencies, and those beyond the chart do not', () => {
    const { lines } = drawn(
      [],
      [
        { hz: 10, label: 'bar' },
        { hz: 300, label: 'rotor' },
      ],
    );
    expect(lines).toEqual([250]);
  });

  it('that stand close together are written one above the other, in their order, whatever order they come in', () => {
    const { texts } = drawn(
      [],
      [
        { hz: 11, label: 'the bar swings' },
        { hz: 10, label: 'the stem swings' },
        { hz: 60, label: 'the stay' },
      ],
    );
    expect(texts.map(({ text }) => text)).toEqual(['the stem swings', 'the bar swings', 'the stay']);
    expect(texts[1]!.y).toBeLessThan(texts[0]!.y - 8);
    expect(texts[2]!.y).toBe(texts[0]!.y);
  });

  it('near the right edge are written to the left of their line', () => {
    const [text] = drawn([], [{ hz: 95, label: 'the seat stay' }]).texts;
    expect(text!.align).toBe('right');
    expect(text!.x).toBeLessThan(50 + 200 * Math.log10(95));
  });
});

describe('axes', () => {
  const { scales, plugins } = paperOptions(
    { title: 'Frequency, Hz', min: 1, max: 100 },
    { title: 'g²/Hz', log: false },
  );
  const { callback } = (scales!.x as { ticks: { callback: (value: number) => string } }).ticks;

  it('by decades name 1, 2 and 5 of each, small and great ones as powers of ten', () => {
    expect([1, 2, 3, 5, 7, 10, 50].map(callback)).toEqual(['1', '2', '', '5', '', '10', '50']);
    expect([0.001, 1e-4, 2e-7, 1e5, 5e6].map(callback)).toEqual(['0.001', '10⁻⁴', '2·10⁻⁷', '10⁵', '5·10⁶']);
  });

  it('that are even have no such names, and keep their ends', () => {
    expect((scales!.y as { ticks: object }).ticks).not.toHaveProperty('callback');
    expect([scales!.x!.type, scales!.y!.type, scales!.x!.min, scales!.x!.max]).toEqual([
      'logarithmic',
      'linear',
      1,
      100,
    ]);
  });

  it('a point that is asked for is told with its unit', () => {
    const { title, label } = plugins!.tooltip!.callbacks!;
    expect((title as (items: unknown) => string)([{ parsed: { x: 12.345 } }])).toBe('12.3 Hz');
    expect((label as (item: unknown) => string)({ dataset: { label: 'bar' }, parsed: { y: 0.04567 } })).toBe(
      'bar: 0.0457',
    );
  });

  it('curves keep their dashes in the legend, which tell them apart without colour', () => {
    const { generateLabels } = plugins!.legend!.labels!;
    const chart = {
      data: { datasets: [{ label: 'at the spot', borderColor: '#123', borderDash: [6, 3] }, { label: 'ground' }] },
      isDatasetVisible: (i: number) => i === 0,
    };
    const [one, other] = generateLabels!(chart as never);
    expect(one).toMatchObject({ text: 'at the spot', strokeStyle: '#123', lineDash: [6, 3], hidden: false });
    expect(other).toMatchObject({ text: 'ground', lineDash: [], hidden: true });
  });
});

it('a logarithm has no place for nothing: such points are left out', () => {
  expect(points([1, 2, 3], [0.5, 0, 2])).toEqual([
    { x: 1, y: 0.5 },
    { x: 3, y: 2 },
  ]);
});
