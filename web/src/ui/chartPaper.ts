import {
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineElement,
  LogarithmicScale,
  PointElement,
  Tooltip,
  type ChartOptions,
  type Plugin,
} from 'chart.js';

Chart.defaults.font.family = '"Archivo Variable", sans-serif';
Chart.register(Filler, Legend, LinearScale, LineElement, LogarithmicScale, PointElement, Tooltip);

/** A stretch of frequencies with its hatching, drawn behind the curves. */
export interface Band {
  readonly fromHz: number;
  readonly toHz: number;
  readonly hatch: 'rising' | 'falling' | 'dots';
  readonly label: string;
}
/** A frequency that is marked across the chart. */
export interface Mark {
  readonly hz: number;
  readonly label: string;
}

/** Colours of the sheet as it is now. */
export function sheetInk() {
  const style = getComputedStyle(document.documentElement);
  const of = (name: string) => style.getPropertyValue(name).trim();
  return { ink: of('--ink'), ink2: of('--ink-2'), hair: of('--hair'), hivis: of('--hivis'), sheet: of('--sheet') };
}

const patterns = new Map<string, HTMLCanvasElement>();

/** Hatching as a small tile, so that bands are told apart without colour. */
function hatchTile(hatch: Band['hatch'], ink: string): HTMLCanvasElement {
  const key = hatch + ink;
  const known = patterns.get(key);
  if (known) return known;
  const tile = document.createElement('canvas');
  tile.width = tile.height = 8;
  const pen = tile.getContext('2d')!;
  pen.strokeStyle = pen.fillStyle = ink;
  pen.globalAlpha = 0.32;
  pen.lineWidth = 1;
  if (hatch === 'dots') {
    pen.fillRect(1, 1, 1.6, 1.6);
    pen.fillRect(5, 5, 1.6, 1.6);
  } else {
    for (const d of [-8, 0, 8]) {
      pen.beginPath();
      pen.moveTo(d, hatch === 'rising' ? 8 : 0);
      pen.lineTo(d + 8, hatch === 'rising' ? 0 : 8);
      pen.stroke();
    }
  }
  patterns.set(key, tile);
  return tile;
}

/** Draws bands behind the curves and marks over them. */
export const bandsAndMarks = (bands: readonly Band[], marks: readonly Mark[]): Plugin<'line'> => ({
  id: 'bandsAndMarks',
  beforeDatasetsDraw(chart) {
    const { ctx, chartArea: area, scales } = chart;
    const { ink, ink2 } = sheetInk();
    const x = scales.x!;
    ctx.save();
    ctx.beginPath();
    ctx.rect(area.left, area.top, area.width, area.height);
    ctx.clip();
    bands.forEach(({ fromHz, toHz, hatch, label }, i) => {
      const [left, right] = [x.getPixelForValue(Math.max(fromHz, x.min)), x.getPixelForValue(Math.min(toHz, x.max))];
      if (right - left < 2) return;
      ctx.fillStyle = ctx.createPattern(hatchTile(hatch, ink), 'repeat') ?? 'transparent';
      ctx.fillRect(left, area.top, right - left, area.height);
      ctx.fillStyle = ink2;
      ctx.font = '600 10px "Archivo Variable", sans-serif';
      ctx.textAlign = 'left';
      ctx.fillText(label, Math.max(left, area.left) + 4, area.top + 11 + 12 * i);
    });
    ctx.restore();
  },
  afterDatasetsDraw(chart) {
    const { ctx, chartArea: area, scales } = chart;
    const { hivis, ink } = sheetInk();
    ctx.save();
    let lowest = -Infinity;
    let row = 0;
    for (const { hz, label } of [...marks].sort((a, b) => a.hz - b.hz)) {
      const at = scales.x!.getPixelForValue(hz);
      if (at < area.left || at > area.right) continue;
      ctx.strokeStyle = hivis;
      ctx.setLineDash([4, 3]);
      ctx.beginPath();
      ctx.moveTo(at, area.top);
      ctx.lineTo(at, area.bottom);
      ctx.stroke();
      ctx.setLineDash([]);
      ctx.fillStyle = ink;
      ctx.font = '620 10px "Archivo Variable", sans-serif';
      const width = ctx.measureText(label).width;
      row = at < lowest ? row + 1 : 0;
      lowest = Math.max(lowest, at + width + 8);
      ctx.textAlign = at + width + 6 > area.right ? 'right' : 'left';
      ctx.fillText(label, at + (ctx.textAlign === 'left' ? 3 : -3), area.bottom - 5 - 11 * row);
    }
    ctx.restore();
  },
});

const ROUND = /^[125]e[+-]?\d+$/;
const plain = (value: number): string => {
  const text = value.toExponential().replace('.0', '');
  if (!ROUND.test(text.replace(/^(\d)e/, '$1e'))) return '';
  if (value >= 0.001 && value < 1e5) return String(value);
  const [mantissa, exponent] = value.toExponential().split('e') as [string, string];
  return `${mantissa === '1' ? '' : `${mantissa}·`}10${[...exponent].map((c) => RAISED[c] ?? '').join('')}`;
};
const RAISED: Readonly<Record<string, string>> = Object.fromEntries(
  [...'-0123456789'].map((c, i) => [c, '⁻⁰¹²³⁴⁵⁶⁷⁸⁹'[i]!]),
);

/** A chart like a drawing's: hairlines, no animation, figures in the reading type. */
export function paperOptions(
  x: { title: string; min?: number; max?: number; log?: boolean },
  y: { title: string; min?: number; max?: number; log?: boolean },
): ChartOptions<'line'> {
  const { ink, ink2, hair } = sheetInk();
  const axis = ({ title, min, max, log = true }: { title: string; min?: number; max?: number; log?: boolean }) => ({
    type: log ? ('logarithmic' as const) : ('linear' as const),
    ...(min !== undefined ? { min } : {}),
    ...(max !== undefined ? { max } : {}),
    title: { display: true, text: title, color: ink2, font: { size: 11, weight: 600 }, padding: 0 },
    grid: { color: hair, lineWidth: 0.6, tickLength: 4 },
    border: { color: ink },
    ticks: {
      color: ink2,
      font: { size: 10, family: '"JetBrains Mono Variable", monospace' },
      maxRotation: 0,
      autoSkipPadding: 10,
      ...(log ? { callback: (value: number | string) => plain(Number(value)) } : {}),
    },
  });
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    interaction: { mode: 'nearest', axis: 'x', intersect: false },
    scales: { x: axis(x), y: axis(y) },
    plugins: {
      legend: {
        position: 'top',
        align: 'start',
        labels: {
          color: ink,
          usePointStyle: true,
          pointStyleWidth: 30,
          font: { size: 12 },
          padding: 10,
          // With its dashes, which tell curves apart without colour.
          generateLabels: (chart) =>
            chart.data.datasets.map((set, datasetIndex) => {
              const { borderColor, borderDash } = set as { borderColor?: string; borderDash?: number[] };
              return {
                text: set.label ?? '',
                datasetIndex,
                hidden: !chart.isDatasetVisible(datasetIndex),
                pointStyle: 'line' as const,
                strokeStyle: borderColor ?? ink,
                fontColor: ink,
                lineDash: borderDash ?? [],
                lineWidth: 1.8,
              };
            }),
        },
      },
      tooltip: {
        animation: false,
        callbacks: {
          title: ([item]) => `${Number(item!.parsed.x).toPrecision(3)} ${x.title.split(', ').at(-1)}`,
          label: (item) => `${item.dataset.label}: ${Number(item.parsed.y).toPrecision(3)}`,
        },
      },
    },
    elements: { point: { radius: 0, hitRadius: 6 }, line: { borderWidth: 1.6, tension: 0 } },
  };
}

export const points = (x: ArrayLike<number>, y: ArrayLike<number>): { x: number; y: number }[] =>
  Array.from(x, (value, i) => ({ x: value, y: y[i]! })).filter((p) => p.y > 0);
