import { DRAWN_TIGHT, exposureWords, FASTENINGS, kitWith, type Fastening, type Findings } from '@strut-spot/core';
import { useShot } from '../../state/useShot';
import { ChoiceField } from '../../ui/ChoiceField';
import { ModeFields } from '../../ui/ModeFields';

const ND = [0, 1, 2, 3, 4, 5, 6];
const SHUTTERS = [4000, 2000, 1000, 500, 240, 120, 60, 30, 15, 8, 4, 2, 1];
const FASTENING_WORDS: Readonly<Record<Fastening, string>> = {
  tight: 'Drawn tight',
  usual: 'As usual',
  loose: 'Loose',
};

/** Stabiliser, mode, grey glass, shutter and how hard the base is drawn: what is set against shaking. */
export function ShutterFields({ report }: { report: Findings['steady'] | undefined }) {
  const { shot, rig, changeSetUp, change } = useShot();
  const { setUp } = shot;
  const kit = kitWith(rig.ownKit);
  const camera = kit.cameras.find((c) => c.id === setUp.cameraId)!;
  const base = kit.bases.find((b) => b.id === setUp.baseId)!;
  const mode = camera.modes.find((m) => m.id === setUp.modeId)!;
  /** Leaves the field out of the set-up where it says nothing. */
  const without = (field: 'ndStops' | 'shutterS' | 'fastening') =>
    change((s) => {
      const rest = { ...s.setUp };
      delete rest[field];
      return { ...s, setUp: rest };
    });
  return (
    <div className="space-y-0.5">
      <ModeFields />
      <ChoiceField
        label="Grey glass"
        value={String(setUp.ndStops ?? 0)}
        choices={ND.map((stops) => ({
          id: String(stops),
          name: stops === 0 ? 'None' : `ND${2 ** stops}, ${stops} stops`,
        }))}
        onChange={(id) => (id === '0' ? without('ndStops') : changeSetUp({ ndStops: Number(id) }))}
      />
      <ChoiceField
        label="Shutter"
        value={setUp.shutterS === undefined ? 'auto' : String(Math.round(1 / setUp.shutterS))}
        choices={[
          { id: 'auto', name: 'Automatic' },
          ...SHUTTERS.filter((n) => n >= mode.framesPerSecond).map((n) => ({
            id: String(n),
            name: n === 1 ? '1 s' : `1/${n} s`,
          })),
        ]}
        onChange={(id) => (id === 'auto' ? without('shutterS') : changeSetUp({ shutterS: 1 / Number(id) }))}
      />
      {DRAWN_TIGHT.includes(base.kind) && (
        <ChoiceField
          label="Fastened"
          value={setUp.fastening ?? 'usual'}
          choices={FASTENINGS.map((id) => ({ id, name: FASTENING_WORDS[id] }))}
          onChange={(id) => (id === 'usual' ? without('fastening') : changeSetUp({ fastening: id as Fastening }))}
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
