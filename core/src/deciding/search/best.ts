/** The best few scores of each of some kinds: what can't come among them need not be looked at further. */
export class Best {
  private readonly kept = new Map<string, number[]>();

  /** @param few how many of each kind go on */
  constructor(private readonly few: number) {}

  add(kind: string, score: number): void {
    const scores = this.kept.get(kind) ?? [];
    this.kept.set(kind, scores);
    const place = scores.findIndex((known) => known < score);
    scores.splice(place < 0 ? scores.length : place, 0, score);
    if (scores.length > this.few) scores.pop();
  }

  /** The last of the best; less than any score while there are not enough. */
  least(kind: string): number {
    const scores = this.kept.get(kind);
    return scores && scores.length >= this.few ? scores[this.few - 1]! : -Infinity;
  }
}
