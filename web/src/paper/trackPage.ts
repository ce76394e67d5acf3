import { profileLine, trackMap, type KeptTrack, type Outing } from '@strut-spot/core';
import type { CanvasElement, Content } from 'pdfmake/interfaces';
import type { TrackOfDay } from '../workers/answers/days';
import { GREY, HAIR, HIVIS, INK } from './colours';
import type { PaperSize } from './sizes';

const MAP_SHARE = 0.62;
const PROFILE_HEIGHT = 60;

const line = (points: readonly (readonly [number, number])[], lineWidth: number, lineColor: string): CanvasElement => ({
  type: 'polyline',
  lineWidth,
  lineColor,
  points: points.map(([x, y]) => ({ x, y })),
});
const kilometres = (m: number): string => (m < 1000 ? `${Math.round(m)} m` : `${(m / 1000).toFixed(1)} km`);

/** Map and heights of the outing's track, and which shot is filmed where. Numbers are those of the shots' list. */
export function trackPage(
  outing: Outing,
  track: KeptTrack,
  day: TrackOfDay,
  { textWidth: width }: PaperSize,
): Content[] {
  const height = width * MAP_SHARE;
  const map = trackMap(
    track,
    Object.entries(day.stretches).map(([id, { path, middle }]) => ({ id, path, middle })),
    { width, height, margin: 24 },
  );
  const numberOf = (id: string) => outing.shots.findIndex((shot) => shot.id === id) + 1;
  const profile = profileLine(track, { width, height: PROFILE_HEIGHT, margin: 4 });
  const [start] = map.line;
  const bar = map.scale.length;
  return [
    {
      unbreakable: true,
      stack: [
        { text: `Track: ${track.name}, ${kilometres(day.lengthM)}`, fontSize: 14, bold: true, margin: [0, 10, 0, 2] },
        {
          canvas: [
            { type: 'rect', x: 0, y: 0, w: width, h: height, lineWidth: 0.6, lineColor: HAIR },
            line(map.line, 1, GREY),
            ...map.stretches.map((stretch) => line(stretch.line, 3, HIVIS)),
            ...(start
              ? [{ type: 'ellipse' as const, x: start[0], y: start[1], r1: 3.5, r2: 3.5, lineColor: INK }]
              : []),
            // North, and a round length.
            line(
              [
                [width - 14, 26],
                [width - 14, 8],
                [width - 17, 13],
                [width - 14, 8],
                [width - 11, 13],
              ],
              1,
              INK,
            ),
            line(
              [
                [8, height - 12],
                [8, height - 8],
                [8 + bar, height - 8],
                [8 + bar, height - 12],
              ],
              1,
              INK,
            ),
          ],
        },
        ...map.stretches.map(({ id, middle: [x, y] }): Content => ({
          text: String(numberOf(id)),
          fontSize: 9,
          bold: true,
          color: INK,
          background: '#ffffff',
          relativePosition: { x: x + 4, y: y - height - 10 },
        })),
        { text: `North is up; the bar is ${kilometres(map.scale.metres)}.`, fontSize: 8, color: GREY },
        ...(profile.length > 1 ? [{ canvas: [line(profile, 1, INK)], margin: [0, 4, 0, 0] } as Content] : []),
        ...outing.shots.flatMap((shot): Content[] => {
          const at = day.stretches[shot.id];
          return at && shot.stretch
            ? [
                {
                  text: `${numberOf(shot.id)}  ${shot.name}: ${kilometres(shot.stretch.fromM)} to ${kilometres(shot.stretch.toM)}${at.slope === null ? '' : `, ${at.slope < 0 ? 'down' : 'up'} ${Math.abs(at.slope * 100).toFixed(0)} %`}`,
                  fontSize: 9,
                },
              ]
            : [];
        }),
      ],
    },
  ];
}
