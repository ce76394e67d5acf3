import { feelWords, foundBy, FRAME_GROUPS, type FrameGroup, type ShotReport, type StanceFrame } from '@strut-spot/core';
import { Explained } from '../../ui/words/Explained';
import { useShot } from '../../state/useShot';

const NAMES: Record<FrameGroup, string> = {
  way: 'way ahead',
  ground: 'other ground',
  sky: 'sky',
  hands: 'hands',
  machine: 'machine',
  rider: 'own body',
  face: 'face',
  subject: 'subject',
  own: 'hardware',
};

const percent = (share: number) =>
  share === 0 ? '0' : share < 0.0095 ? (share * 100).toFixed(1) : String(Math.round(share * 100));

/** What the picture consists of: in this stance and over the ride. */
export function SharesTable({ report, frame }: { report: ShotReport | undefined; frame: StanceFrame | undefined }) {
  const { rig } = useShot();
  return (
    <div className="min-h-0 overflow-y-auto border-hair px-3 py-1.5 max-sm:border-b sm:border-r">
      <table className="w-full">
        <caption className="caption text-left">
          <Explained id="share">Shares of the picture, %</Explained>
        </caption>
        <thead>
          <tr className="text-[0.8rem] text-ink-2">
            <th scope="col">
              <span className="sr-only">Part</span>
            </th>
            <th scope="col" className="text-right font-normal">
              {frame?.name.toLowerCase() ?? ''}
            </th>
            <th scope="col" className="text-right font-normal">
              ride
            </th>
          </tr>
        </thead>
        <tbody>
          {FRAME_GROUPS.filter((group) => group !== 'subject' || rig.subject).map((group) => (
            <tr key={group} className="leading-[1.35]">
              <th scope="row" className="text-left font-normal">
                {NAMES[group]}
              </th>
              <td className="reading text-right">{frame ? percent(frame.measures.shares[group]) : ''}</td>
              <td className="reading w-12 text-right text-ink-2">
                {report ? percent(foundBy(report, 'frame').weightedShares[group]) : ''}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <dl className="mt-1 border-t border-hair pt-1">
        <div className="flex justify-between">
          <dt>
            <Explained id="speedFeel">speed feel</Explained>
          </dt>
          <dd className="reading">{frame && (frame.speedFeel === null ? 'no ground' : feelWords(frame.speedFeel))}</dd>
        </div>
        <div className="flex justify-between">
          <dt>angle of view</dt>
          <dd className="reading">
            {report
              ? `${Math.round(report.fieldOfViewDeg.horizontal)}° × ${Math.round(report.fieldOfViewDeg.vertical)}°`
              : ''}
          </dd>
        </div>
      </dl>
    </div>
  );
}
