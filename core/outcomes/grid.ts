import { CARRIERS, INTENTS } from '../catalog/index.generated';
import { exactCandidate } from '../src/deciding/search/exactCandidate';
import { firstPlacement } from '../src/deciding/search/firstPlacement';
import { rankCandidates, withVariety } from '../src/deciding/search/rankCandidates';
import { searchSpot } from '../src/deciding/search/searchSpot';
import { searchJobs } from '../src/deciding/search/searchQuestion';
import { weightsOf } from '../src/deciding/search/weights';
import { resolveRig } from '../src/posing/lookup/resolveRig';
import { standardCamera } from '../src/posing/strut/plainSetUp';
import { shotReport } from '../src/judging/report/shotReport';
import { asking, pieces } from '../testing/asking';

const only = (process.argv[2] ?? '').split(',').filter(Boolean);
const intents = (process.argv[3] ?? '').split(',').filter(Boolean);
const kit = pieces({
  cameras: ['cube-camera', 'thumb-camera', 'two-lens-360'],
  links: ['short-arm', 'long-arm', 'medium-pole', 'felt-pad'],
});
const stopOf = (checks: readonly { check: string; verdict: string }[]) => checks.find((c) => c.verdict === 'stop');
for (const machine of CARRIERS) {
  if (machine.kind !== 'machine' || (only.length > 0 && !only.includes(machine.id))) continue;
  for (const intent of INTENTS) {
    if (intents.length > 0 && !intents.includes(intent.id)) continue;
    const question = asking(machine.id, intent.id, { pieceIds: kit });
    const [carrier] = question.carriers;
    const t0 = performance.now();
    const first = firstPlacement({
      rig: carrier!.rig,
      intent,
      camera: standardCamera(),
      actionStanceId: carrier!.actionStanceId,
      ride: carrier!.ride,
    });
    const t1 = performance.now();
    const firstStop =
      first &&
      stopOf(
        shotReport({
          rig: carrier!.rig,
          setUp: first.setUp,
          intentId: intent.id,
          actionStanceId: carrier!.actionStanceId,
          horizonAt: first.horizonAt,
          ride: carrier!.ride,
        }).checks,
      );
    console.log(`${machine.id} / ${intent.id}`);
    console.log(
      `   first ${first ? `${first.spotId} ${first.setUp.cameraId} ${first.setUp.baseId} ${first.score.toFixed(2)}` : 'none'} ${firstStop ? 'STOP ' + firstStop.check + ': ' + (firstStop as any).findings[0].because : ''}   (${(t1 - t0).toFixed(0)} ms)`,
    );
    const results = searchJobs(question).map((job) => searchSpot(question, job));
    const t2 = performance.now();
    const weights = weightsOf(question.ask);
    const ranked = rankCandidates(
      results.flatMap((r) => r.candidates),
      weights,
    );
    const seen = new Set<string>();
    let n = 0;
    for (const { candidate, score } of withVariety(ranked, 8)) {
      if (n >= 5) break;
      if (seen.has(candidate.spotId)) continue;
      seen.add(candidate.spotId);
      n++;
      const exact = exactCandidate(question, candidate);
      const stop = stopOf(exact.checks);
      console.log(
        `   ${n} ${score.toFixed(2)} ${candidate.spotId} ${candidate.setUp.cameraId}/${candidate.setUp.modeId}/${candidate.setUp.stabiliserId} ${candidate.setUp.baseId} ${candidate.setUp.links.map((l) => l.linkId).join('+')} | ${candidate.terms
          .filter((t) => weights[t.id as never] > 0)
          .map((t) => `${t.id} ${t.value.toFixed(2)}`)
          .join(
            ' ',
          )} feel ${candidate.facts.speedFeel?.toFixed(1)} ${stop ? 'STOP ' + stop.check + ': ' + (stop as any).findings[0].because : ''}`,
      );
    }
    const none = results.filter((r) => r.candidates.length === 0);
    if (none.length)
      console.log(
        `   not: ${none.map((r) => `${r.spotId} (${r.rejections[0]?.check}: ${r.rejections.find((x) => x.check !== 'fits')?.because ?? r.rejections[0]?.because})`).join('; ')}`,
      );
    console.log(`   (${(t2 - t1).toFixed(0)} ms)`);
    void resolveRig;
  }
}
