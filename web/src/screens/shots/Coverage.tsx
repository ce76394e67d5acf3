import { intentOf, type Shot } from '@strut-spot/core';

const ROLE_NAMES = {
  opener: 'opener',
  ride: 'ride',
  reverse: 'look back',
  detail: 'detail',
  face: 'face',
  'pass-by': 'pass-by',
} as const;

/** What the story has so far: seconds and roles. */
export function Coverage({ shots }: { shots: readonly Shot[] }) {
  const seconds = shots.reduce((sum, shot) => sum + shot.seconds, 0);
  const roles = Object.entries(ROLE_NAMES)
    .map(([role, name]) => ({ name, count: shots.filter((shot) => intentOf(shot.intentId).role === role).length }))
    .filter(({ name }) => name !== 'opener');
  return (
    <dl className="flex flex-wrap gap-x-4 gap-y-1" aria-label="Coverage of the story">
      <div className="flex items-baseline gap-1.5">
        <dt className="caption">planned</dt>
        <dd className="reading">{Math.round(seconds)} s</dd>
      </div>
      {roles.map(({ name, count }) => (
        <div key={name} className="flex items-baseline gap-1.5">
          <dt className="caption">{name}</dt>
          <dd className="reading">{count === 0 ? 'none' : `${count}×`}</dd>
        </div>
      ))}
    </dl>
  );
}
