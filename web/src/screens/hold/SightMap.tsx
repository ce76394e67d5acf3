import { FIELD_DEG, type SightReport } from '@strut-spot/core';

/** The field of view of rider or driver with what camera and strut hide of it. */
export function SightMap({ sight }: { sight: SightReport }) {
  const columns = sight.rows[0]?.length ?? 1;
  const { side, up, down, middle } = FIELD_DEG;
  const x = (deg: number) => ((deg + side) / (2 * side)) * columns;
  const y = (deg: number) => ((up - deg) / (up + down)) * sight.rows.length;
  return (
    <figure>
      <svg
        viewBox={`0 0 ${columns} ${sight.rows.length}`}
        className="w-full border border-hair-strong bg-sheet"
        role="img"
        aria-label={
          sight.at
            ? `Hides ${(sight.share * 100).toFixed(1)} percent of the field of view, ${(sight.middleShare * 100).toFixed(1)} percent of its middle`
            : 'Hides nothing of the field of view'
        }
      >
        <line x1="0" x2={columns} y1={y(0)} y2={y(0)} stroke="var(--hair-strong)" strokeWidth="0.25" />
        <rect
          x={x(-middle)}
          y={y(middle)}
          width={x(middle) - x(-middle)}
          height={y(-middle) - y(middle)}
          fill="none"
          stroke="var(--hair-strong)"
          strokeWidth="0.25"
          strokeDasharray="1 0.7"
        />
        {sight.rows.flatMap((row, i) =>
          row.map((hidden, j) =>
            hidden ? <rect key={`${i}-${j}`} x={j} y={i} width="1" height="1" fill="var(--hivis)" /> : null,
          ),
        )}
      </svg>
      <figcaption className="flex justify-between text-[0.84rem] text-ink-2">
        <span>{side}° left</span>
        <span>from the eyes, looking level ahead</span>
        <span>{side}° right</span>
      </figcaption>
    </figure>
  );
}
