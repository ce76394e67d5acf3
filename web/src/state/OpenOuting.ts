import { changeProblem, mergeOutings, type Outing } from '@strut-spot/core';
import { leaveUnwritten, watchStored, writeOuting, type Lying, type StoredOuting } from '../storage/outings';
import { forgetLeft } from '../storage/leftBehind';
import { historyOf, rebased, type OutingHistory } from './outingHistory';
import { trouble } from '../storage/trouble';

/** How the writing stands. What failed is tried again, and stays in the page meanwhile. */
export type Saving =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly because: string }
  /** It was put into the bin in another window. */
  | { readonly kind: 'deleted' };

interface OpenState {
  readonly history: OutingHistory;
  readonly saving: Saving;
}

const AGAIN_MS = 4000;

/** An outing that is open in this window: its history, its writing, and what other windows do to it. */
export class OpenOuting {
  private state: OpenState;
  /** As it is stored, as far as this window knows: the change since is what has to be written. */
  private base: Outing;
  private revision: number;
  private writing = false;
  private heard: { readonly lying: Lying | undefined } | null = null;
  private again: ReturnType<typeof setTimeout> | undefined;
  private readonly listeners = new Set<() => void>();
  private unwatch: (() => void) | null = null;

  constructor(stored: StoredOuting & { readonly kind: 'readable' }) {
    this.base = stored.outing;
    this.revision = stored.revision;
    this.state = { history: historyOf(stored.outing), saving: { kind: 'saved' } };
  }

  readonly get = (): OpenState => this.state;

  /** @returns how to stop listening; what is unwritten then is still written */
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    if (this.listeners.size === 1) this.begin();
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0) this.end();
    };
  };

  /** Goes on in the history; written at once. @returns why it was not done, null when it was */
  readonly step = (advance: (history: OutingHistory) => OutingHistory): string | null => {
    const before = this.state.history;
    const history = advance(before);
    if (history === before) return null;
    const problem = changeProblem(before.present, history.present);
    if (problem) return problem;
    this.tell({ history });
    void this.write();
    return null;
  };

  /** Writes it as a new outing, when it was deleted elsewhere. */
  readonly keepAsCopy = async (id: string): Promise<void> => {
    const { present } = this.state.history;
    await writeOuting({ ...present, id }, null, 0);
  };

  private begin(): void {
    open.set(this.base.id, this);
    addEventListener('pagehide', this.leave);
    this.unwatch = watchStored(this.base.id, (lying) => this.hear(lying));
  }

  private end(): void {
    if (open.get(this.base.id) === this) open.delete(this.base.id);
    removeEventListener('pagehide', this.leave);
    this.unwatch?.();
    this.unwatch = null;
    if (this.state.saving.kind === 'failed') this.leave();
  }

  /** The page goes: what is not written through is put where writing takes no time. */
  private readonly leave = (): void => {
    const { present } = this.state.history;
    if (present !== this.base && this.state.saving.kind !== 'deleted')
      leaveUnwritten(present, this.base, this.revision);
  };

  private tell(change: Partial<OpenState>): void {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) listener();
  }

  private hear(lying: Lying | undefined): void {
    if (this.writing) {
      // Heard once the writing is through: what it came upon itself is then no news any more.
      this.heard = { lying };
      return;
    }
    if (!lying || lying.deletedAt !== null) return this.tell({ saving: { kind: 'deleted' } });
    if (this.state.saving.kind === 'deleted') this.tell({ saving: { kind: 'saved' } });
    if (lying.revision <= this.revision) return;
    const stored = lying.read();
    if (stored.kind === 'unreadable') return this.fail(NEWER);
    this.takeIn(stored.outing, stored.outing, stored.revision);
    if (this.state.history.present !== this.base) void this.write();
  }

  /** @param stored as it lies there now @param theirs what the other window made of the common base */
  private takeIn(theirs: Outing, stored: Outing, revision: number): void {
    const history = rebased(this.state.history, (outing) => mergeOutings(this.base, outing, theirs));
    this.base = stored;
    this.revision = revision;
    const same = JSON.stringify(history.present) === JSON.stringify(stored);
    this.tell({ history: same ? { ...history, present: stored } : history });
  }

  /** One writing at a time; what changed meanwhile follows. */
  private async write(): Promise<void> {
    if (this.writing || this.state.saving.kind === 'deleted') return;
    clearTimeout(this.again);
    this.writing = true;
    try {
      while (this.state.history.present !== this.base) {
        const { present } = this.state.history;
        this.tell({ saving: { kind: 'saving' } });
        const written = await writeOuting(present, this.base, this.revision);
        if (written.kind === 'deleted') return this.tell({ saving: { kind: 'deleted' } });
        if (written.kind === 'unreadable') return this.fail(NEWER);
        if (written.theirs) this.takeIn(written.theirs, written.outing, written.revision);
        else {
          this.base = present;
          this.revision = written.revision;
        }
      }
      forgetLeft(this.base.id);
      this.tell({ saving: { kind: 'saved' } });
    } catch (error) {
      this.fail(trouble(error));
      this.again = setTimeout(() => void this.write(), AGAIN_MS);
    } finally {
      this.writing = false;
      const { heard } = this;
      this.heard = null;
      if (heard) this.hear(heard.lying);
    }
  }

  private fail(because: string): void {
    this.tell({ saving: { kind: 'failed', because } });
  }
}

const NEWER = 'Another window wrote it with a newer version of the program: reload this page';

/** Those that are open in this window. */
const open = new Map<string, OpenOuting>();
export const openHere = (id: string): OpenOuting | undefined => open.get(id);
