import { keepTrack } from '@strut-spot/core';
import { gpx } from '@tmcw/togeojson';
import { readGpx } from './readGpx';
import { gpxOf } from './writeGpx';

const start = Date.parse('2027-02-19T10:00:00Z');
const track = keepTrack(
  'Loop & <back>',
  Array.from({ length: 40 }, (_, i) => ({
    latDeg: 61.4 + 0.001 * i,
    lonDeg: -9.6 + 0.002 * Math.sin(i / 4),
    eleM: 20 + i,
    ms: start + i * 20_000,
  })),
)!;
const text = gpxOf(track, [
  { name: 'Fork, low', note: 'mud & spray', point: { latDeg: 61.41, lonDeg: -9.6, eleM: 30 } },
]);

it('what is written is read back by another package as it was', () => {
  const read = readGpx(text);
  if (!read.ok) throw new Error(read.problem);
  expect(read.points).toHaveLength(track.nodes.length);
  read.points.forEach((point, i) => {
    const [latDeg, lonDeg, eleM, seconds] = track.nodes[i]!;
    expect(point.latDeg).toBeCloseTo(latDeg, 6);
    expect(point.lonDeg).toBeCloseTo(lonDeg, 6);
    expect(point.eleM).toBeCloseTo(eleM!, 1);
    expect(point.ms).toBe(start + seconds! * 1000);
  });
});

it('places of shots are waypoints with name and note, before the track as the schema of GPX 1.1 asks', () => {
  const document_ = new DOMParser().parseFromString(text, 'text/xml');
  const { features } = gpx(document_);
  const place = features.find((f) => f.geometry?.type === 'Point');
  const line = features.find((f) => f.geometry?.type === 'LineString');
  expect(place!.properties).toMatchObject({ name: 'Fork, low', desc: 'mud & spray' });
  expect(place!.geometry).toMatchObject({ type: 'Point', coordinates: [-9.6, 61.41, 30] });
  expect(line!.properties).toMatchObject({ name: 'Loop & <back>' });
  expect([...document_.documentElement.children].map((e) => e.localName)).toEqual(['wpt', 'trk']);
});
