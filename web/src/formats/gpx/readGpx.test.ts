import { trackReport } from '@strut-spot/core';
import { readGpx } from './readGpx';

const point = (i: number) =>
  `<trkpt lat="${61.4 + i * 0.0001}" lon="-9.6"><ele>${20 - i / 5}</ele><time>2027-02-20T10:${String(Math.floor(i / 30)).padStart(2, '0')}:${String((i * 2) % 60).padStart(2, '0')}Z</time></trkpt>`;
const file = (inner: string) =>
  `<?xml version="1.0"?><gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1">${inner}</gpx>`;
const segment = (from: number, to: number) =>
  `<trkseg>${Array.from({ length: to - from }, (_, i) => point(from + i)).join('')}</trkseg>`;

it('reads points with height and time, over several segments, as a ride', () => {
  const read = readGpx(file(`<trk><name>Loop</name>${segment(0, 30)}${segment(30, 60)}</trk>`));
  if (!read.ok) throw new Error(read.problem);
  expect(read.points).toHaveLength(60);
  const track = trackReport(read.points)!;
  expect(track.usualMps).toBeCloseTo(5.56, 1);
  expect(track.startMs).toBe(Date.parse('2027-02-20T10:00:00Z'));
  expect(track.dropM).toBeGreaterThan(8);
});

it('a route without times is read too', () => {
  const read = readGpx(file('<rte><rtept lat="50" lon="8"/><rtept lat="50.01" lon="8"/></rte>'));
  expect(read).toMatchObject({ ok: true, points: [{ ms: null, eleM: null }, { latDeg: 50.01 }] });
});

it.each([
  ['nothing', '', /no whole XML/],
  ['half a file', file(segment(0, 3)).slice(0, 200), /cut off/],
  ['another kind of XML', '<kml></kml>', /no GPX/],
  ['places alone', file('<wpt lat="1" lon="2"/>'), /no track/],
  [
    'points that are nowhere',
    file('<trk><trkseg><trkpt lat="nine" lon="8"/><trkpt lat="95" lon="8"/></trkseg></trk>'),
    /no track/,
  ],
])('%s is refused with the reason', (_, text, problem) => {
  const read = readGpx(text);
  expect(read.ok ? '' : read.problem).toMatch(problem);
});
