import { DRAWN_TIGHT, exposureWords, FASTENINGS, kitWith, type Fastening, type Findings } from '@strut-spot/core';
import { useShot } from '../../state/useShot';
import { ChoiceField } from '../../ui/ChoiceField';
import { GlassAndShutter } from '../../ui/ExposureFields';
import { ModeFields } from '../../ui/ModeFields';

const FASTENING_WORDS: Readonly<Record<Fastening, string>> = {
  tight: 'Drawn tight',
  usual: 'As usual',
  loose: 'Loose',
};

/** Stabiliser, mode, filter, shutter and how hard the base is drawn: what is set against shaking. */
export function ShutterFields({ report }: { report: Findings['steady'] | undefined }) {
  const { shot, rig, changeSetUp, change } = useShot();
  const { setUp } = shot;
  const base = kitWith(rig.ownKit).bases.find((b) => b.id === setUp.baseId)!;
  const asUsual = () =>
    change((s) => {
      const { fastening, ...rest } = s.setUp;
      void fastening;
      return { ...s, setUp: rest };
    });
  return (
    <div className="space-y-0.5">
      <ModeFields />
      <GlassAndShutter />
      {DRAWN_TIGHT.includes(base.kind) && (
        <ChoiceField
          label="Fastened"
          value={setUp.fastening ?? 'usual'}
          choices={FASTENINGS.map((id) => ({ id, name: FASTENING_WORDS[id] }))}
          onChange={(id) => (id === 'usual' ? asUsual() : changeSetUp({ fastening: id as Fastening }))}
        />
      )}
      {report && (
        <p className="pt-0.5 text-[0.9rem] text-ink-2">
          Exposed <span className="reading">{exposureWords(report.exposureS)}</span>, read out in{' '}
          <span className="reading">{(report.readoutS * 1000).toFixed(0)} ms</span> (estimates).
        </p>
      )}
    </div>
  );
}
