import type { ReactNode } from 'react';

/** Drawn in ink, what the word is about in the accent; 160 × 80, all lengths in its own units. */
const Sheet = ({ children }: { readonly children: ReactNode }) => (
  <svg
    viewBox="0 0 160 80"
    className="w-full max-w-56 border border-hair bg-paper"
    fill="none"
    strokeWidth={1.6}
    aria-hidden
  >
    {children}
  </svg>
);
const ink = { stroke: 'var(--ink)' } as const;
const mark = { stroke: 'var(--hivis)', strokeWidth: 2.4 } as const;
const pale = { stroke: 'var(--hair-strong)', strokeDasharray: '3 3' } as const;

const frames = (xs: readonly number[], y = 12) =>
  xs.map((x) => <rect key={x} x={x} y={y} width={44} height={56} {...ink} />);

export const Level = () => (
  <Sheet>
    <line x1={10} y1={64} x2={150} y2={64} {...pale} />
    <g transform="rotate(-20 70 46)">
      <rect x={46} y={32} width={48} height={28} {...ink} />
      <circle cx={94} cy={46} r={7} {...ink} />
    </g>
    <path d="M 112 64 A 46 46 0 0 0 109 48" {...mark} />
    <line x1={66} y1={64} x2={146} y2={35} {...mark} />
  </Sheet>
);
export const Notch = () => (
  <Sheet>
    <circle cx={66} cy={44} r={20} {...ink} />
    {Array.from({ length: 16 }, (_, i) => {
      const a = (i * Math.PI) / 8;
      return (
        <line
          key={i}
          x1={66 + 20 * Math.cos(a)}
          y1={44 + 20 * Math.sin(a)}
          x2={66 + 26 * Math.cos(a)}
          y2={44 + 26 * Math.sin(a)}
          {...(i === 15 ? mark : ink)}
        />
      );
    })}
    <line x1={66} y1={44} x2={140} y2={13} {...mark} />
    <line x1={66} y1={44} x2={146} y2={44} {...pale} />
  </Sheet>
);
export const Share = () => (
  <Sheet>
    <rect x={28} y={10} width={104} height={60} {...ink} />
    <path d="M 28 34 H 132" {...ink} />
    <path d="M 62 70 L 76 34 H 84 L 98 70 Z" fill="var(--hivis)" stroke="none" />
  </Sheet>
);
export const SpeedFeel = () => (
  <Sheet>
    <rect x={28} y={10} width={104} height={60} {...ink} />
    {[
      [66, 40, 60, 44],
      [94, 40, 100, 44],
      [58, 46, 44, 56],
      [102, 46, 116, 56],
      [70, 52, 62, 68],
      [90, 52, 98, 68],
    ].map(([x1, y1, x2, y2]) => (
      <line key={`${x1} ${y1}`} x1={x1} y1={y1} x2={x2} y2={y2} {...mark} />
    ))}
    <path d="M 28 34 H 132" {...ink} />
  </Sheet>
);
export const Jump = () => (
  <Sheet>
    {frames([6, 58, 110])}
    {[34, 48, 28].map((y, i) => (
      <line key={y} x1={6 + 52 * i} y1={y} x2={50 + 52 * i} y2={y} {...mark} />
    ))}
  </Sheet>
);
export const Jelly = () => (
  <Sheet>
    {frames([24, 92])}
    <path d="M 40 68 V 20 M 52 68 V 20" {...ink} />
    <path
      d="M 108 68 C 100 56 122 44 112 34 S 118 24 116 20 M 120 68 C 112 56 134 44 124 34 S 130 24 128 20"
      {...mark}
    />
  </Sheet>
);
export const Blur = () => (
  <Sheet>
    {frames([24, 92])}
    <circle cx={46} cy={40} r={4} fill="var(--ink)" />
    <path d="M 102 46 Q 114 30 126 38" {...mark} strokeWidth={8} strokeLinecap="round" opacity={0.7} />
  </Sheet>
);
export const Pull = () => (
  <Sheet>
    <line x1={10} y1={66} x2={90} y2={66} {...ink} />
    <rect x={34} y={56} width={22} height={10} {...ink} />
    <rect x={28} y={30} width={34} height={26} {...ink} />
    <line x1={62} y1={42} x2={116} y2={28} {...mark} />
    <rect x={116} y={18} width={30} height={16} {...ink} />
    <path d="M 131 18 V 8 M 126 13 L 131 6 L 136 13" {...ink} />
  </Sheet>
);
export const Seam = () => (
  <Sheet>
    <circle cx={80} cy={40} r={8} {...ink} />
    <path d="M 80 48 V 76" {...ink} />
    <path d="M 74 32 L 62 4 M 86 32 L 98 4 M 74 48 L 62 76 M 86 48 L 98 76" {...mark} />
    <path d="M 66 40 H 20 M 94 40 H 140" {...pale} />
  </Sheet>
);
