import { dateOf, pictureLightOf, smallLength } from '@strut-spot/core';
import { FileJson, FileText, Printer } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { download, fileNameOf } from '../../devices/download';
import { useShot } from '../../state/useShot';
import { useSettings } from '../../storage/settings';
import { ToPhone } from '../../ui/ToPhone';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { StrutElevation } from '../../ui/StrutElevation';
import { VerdictMark } from '../../ui/VerdictMark';
import { computing, drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { dayWords } from '../../words/dates';

/** What goes along: one page for paper and for the phone. */
export function CardScreen() {
  const { outing, shot, question, setUpFile, rig } = useShot();
  const { units } = useSettings();
  const [making, setMaking] = useState(false);
  const key = JSON.stringify([question]);
  const { value: card } = useLatest(JSON.stringify([outing, shot, units]), () => computing.card(outing, shot, units));
  const { value: picture } = useLatest(key, () =>
    drawing.picture({
      rig,
      setUp: shot.setUp,
      stanceId: shot.actionStanceId,
      widthPx: 800,
      uncropped: false,
      light: pictureLightOf(question),
    }),
  );
  const { value: report } = useLatest(key, () => computing.report(question, { only: [] }));
  const { value: elevation } = useLatest(key, () => computing.sideElevation(rig, shot.setUp));

  const savePdf = async () => {
    if (!card || !picture || !elevation || !report) return;
    setMaking(true);
    try {
      const [{ onPaper }, { cardPage }, { makePdf }] = await Promise.all([
        import('../../paper/makeBooklet'),
        import('../../paper/cardPage'),
        import('../../paper/makePdf'),
      ]);
      const paper = await onPaper(outing, shot, units, { card, picture, drawing: elevation, report });
      const bytes = await makePdf({
        title: `${paper.card.title}: ${paper.card.level.tilt}`,
        subject: `${paper.card.where}, ${outing.name}`,
        content: cardPage(paper),
      });
      download(`${fileNameOf(`${outing.name} ${shot.name}`)}-card.pdf`, bytes, 'application/pdf');
    } catch (error) {
      toast(`The PDF could not be made: ${(error as Error).message}`);
    } finally {
      setMaking(false);
    }
  };

  if (!card) return <p className="caption p-8">Writing the card…</p>;
  return (
    <main className="mx-auto max-w-4xl px-4 py-4 print:max-w-none print:p-0">
      <div className="no-print mb-3 flex flex-wrap justify-end gap-2">
        <button
          type="button"
          className="action"
          onClick={() =>
            download(`${fileNameOf(`${outing.name} ${shot.name}`)}.set-up.json`, setUpFile(), 'application/json')
          }
        >
          <FileJson size={16} aria-hidden /> Export the set-up
        </button>
        <ToPhone outing={outing} shotIds={[shot.id]} what="this shot" />
        <button type="button" className="action" onClick={() => window.print()}>
          <Printer size={16} aria-hidden /> Print
        </button>
        <button
          type="button"
          className="action action-main"
          disabled={making || !picture || !elevation || !report}
          onClick={() => void savePdf()}
        >
          <FileText size={16} aria-hidden /> {making ? 'Making the PDF…' : 'Save as PDF'}
        </button>
      </div>
      <article className="border-2 border-ink bg-sheet print:border">
        <header className="flex flex-wrap items-end justify-between gap-x-6 border-b-2 border-ink px-4 py-2">
          <div>
            <h1 className="text-2xl leading-tight font-[700] [font-stretch:76%]">{card.title}</h1>
            <p className="text-ink-2">
              {outing.name}
              {outing.place && `, ${outing.place}`}
            </p>
          </div>
          <p className="reading">
            {dayWords(dateOf(outing, shot))} {shot.hour?.at ?? outing.startsAt}
          </p>
        </header>
        <div className="grid sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
          <section aria-label="What the level must read" className="border-hair px-4 py-3 max-sm:border-b sm:border-r">
            <p className="caption">Spot</p>
            <p className="mb-2 text-2xl font-[680] [font-stretch:80%]">{card.where}</p>
            <p className="caption">{card.level.caption}</p>
            <p className="text-[3.4rem] leading-none font-[740] [font-stretch:68%]" data-testid="card-level">
              {card.level.tilt}
            </p>
            <p className="mt-1 text-lg">{card.level.beside}</p>
            <p className="text-ink-2">{card.stance}</p>
          </section>
          <div>
            {elevation && report && (
              <StrutElevation
                drawing={elevation}
                reachText={smallLength(report.reachM, units)}
                heightText={smallLength(report.heightM, units)}
                className="h-60 w-full"
              />
            )}
          </div>
        </div>
        <ul
          aria-label="Checks"
          className="flex flex-wrap gap-x-6 gap-y-1 border-t border-hair px-4 py-2"
          data-testid="card-checks"
        >
          {card.checks.map(({ name, verdict, because }) => (
            <li key={name} className={verdict === 'stop' ? 'w-full font-[600]' : ''}>
              <span className="inline-flex items-baseline gap-1.5">
                {name} <VerdictMark verdict={verdict} size={13} />
              </span>
              {verdict === 'stop' && <span>: {because}.</span>}
            </li>
          ))}
        </ul>
        <div className="grid border-t border-hair sm:grid-cols-2">
          <dl className="border-hair px-4 py-3 max-sm:border-b sm:border-r">
            {[...card.mode, ...card.numbers, ...card.lasting].map(({ label, value }) => (
              <div key={label} className="flex justify-between gap-4 border-b border-hair py-1 last:border-b-0">
                <dt className="text-ink-2">{label}</dt>
                <dd className="text-right font-[600]">{value}</dd>
              </div>
            ))}
            <div className="pt-1.5">
              <dt className="text-ink-2">Pieces, from the surface out</dt>
              <dd className="font-[600]">{card.chain.join(' → ')}</dd>
            </div>
          </dl>
          <figure className="p-3">
            <PictureCanvas
              picture={picture}
              label={`Wanted picture, ${card.stance}`}
              className="max-h-72 w-full border border-hair-strong object-contain"
            />
            <figcaption className="caption pt-1">The picture it should give, {card.stance}</figcaption>
          </figure>
        </div>
        <div className="grid border-t border-hair sm:grid-cols-2">
          <section aria-labelledby="steps" className="border-hair px-4 py-3 max-sm:border-b sm:border-r">
            <h2 id="steps" className="caption mb-1">
              In this order
            </h2>
            <ol className="list-decimal space-y-1 pl-5 text-[1.03rem] leading-snug">
              {card.steps.map(({ id, words }) => (
                <li key={id}>{words}</li>
              ))}
            </ol>
          </section>
          <section aria-labelledby="cautions" className="px-4 py-3">
            <h2 id="cautions" className="caption mb-1">
              Mind
            </h2>
            <ul className="space-y-1.5 text-[1.03rem] leading-snug">
              {card.cautions.map((caution) => (
                <li key={caution} className="border-l-4 border-hivis pl-2">
                  {caution}
                </li>
              ))}
            </ul>
          </section>
        </div>
      </article>
    </main>
  );
}
