import { link, shakeAt } from '../../../../testing/shakes';
import { foundBy, shotReport } from '../../report/shotReport';

const groundUnder = (...at: Parameters<typeof shakeAt>) => {
  const question = { ...shakeAt(...at), intentId: 'low-and-fast', horizonAt: null };
  const report = shotReport(question, { columns: 16, only: ['clear'] });
  const check = report.checks.find(({ check }) => check === 'clear')!;
  const finding = 'findings' in check ? check.findings.find(({ id }) => id === 'ground') : undefined;
  return { finding, overGroundM: foundBy(report, 'clear').overGroundM };
};

describe('over the ground', () => {
  it('how far what hangs under a board stays above it', () => {
    const { finding, overGroundM } = groundUnder('longboard', 'under-deck', { cameraId: 'thumb-camera' });
    expect(overGroundM).toBeGreaterThan(0.01);
    // A deck lies about 12 cm up (common practice, no source).
    expect(overGroundM).toBeLessThan(0.12);
    expect(finding!.because).toMatch(/^it stays \d+ mm over the ground/);
  });

  it('an arm that reaches into it is stopped in words, not by a distance below zero', () => {
    const { finding, overGroundM } = groundUnder('longboard', 'under-deck', { links: [link('long-arm', 0.2)] });
    expect(overGroundM).toBeLessThan(0);
    expect([finding!.verdict, finding!.margin < 0]).toEqual(['stop', true]);
    expect(finding!.because).toMatch(/no room for it: it would reach [\d.]+ (mm|m) into the ground/);
    expect(finding!.because).not.toMatch(/-\d|−/);
  });

  it('water and air have no ground to scrape on', () => {
    expect(groundUnder('kayak', 'fore-deck').finding).toBeUndefined();
  });
});
