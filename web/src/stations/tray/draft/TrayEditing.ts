import type { CommandHead } from '../../../api/command';
import { commandHead } from '../../../api/command';
import { newCommandId } from '../../../api/commandId';
import { Problem } from '../../../api/problem';
import type { TrayPlanRequest, TrayView } from '../../../api/types';
import { type Keeper, readKept } from '../../../drafts/keptText';
import type { Units } from '../../../words/units';
import { draftFrom } from './draftFrom';
import { type Clash, mergeDrafts, mergeTheirs } from './mergeDrafts';
import { requestFrom } from './requestFrom';
import type { TrayDraft } from './trayDraft';

const PAUSE_MS = 90;
const RETRY_MS = 2000;

/** What editing needs of the world around it. */
export interface EditingPort {
  save: (id: number, body: TrayPlanRequest, head: CommandHead) => Promise<TrayView>;
  fetch: (id: number) => Promise<TrayView>;
  /** A view that is newer than what is shown elsewhere. */
  onView: (view: TrayView) => void;
  now: () => number;
  /** What numbers are asked and shown in. */
  units: () => Units;
  keeper: Keeper;
}

/** Where what was typed is: with the server, on its way, only on this device, waiting for the cook to decide, or refused. */
export type Whereabouts = 'stored' | 'sending' | 'kept' | 'asked' | 'refused';

export interface EditingState {
  draft: TrayDraft | null;
  problem: Problem | null;
  whereabouts: Whereabouts;
  /** What two screens changed to different things; the cook decides. */
  clashes: readonly Clash[];
}

type Base = Pick<TrayView, 'id' | 'version' | 'plan' | 'eatAtHasPassed'>;

/**
 * The tray being edited: each change is shown at once, kept on this device, and saved a moment later, one save at a time. It
 * lives longer than the station that shows it. What another screen saved meanwhile is put together with what was typed here;
 * what the server refuses stays in the draft with the reason.
 */
export class TrayEditing {
  private state: EditingState = { draft: null, problem: null, whereabouts: 'stored', clashes: [] };
  private base: Base | null = null;
  private unsaved: TrayDraft | null = null;
  private sent: { body: string; id: string } | null = null;
  private theirs: TrayView | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private busy = false;
  private readonly watchers = new Set<() => void>();

  constructor(private readonly port: EditingPort) {}

  readonly subscribe = (tell: () => void) => {
    this.watchers.add(tell);
    return () => this.watchers.delete(tell);
  };

  readonly snapshot = () => this.state;

  /** The tray as the server has it: shown, unless something typed here still waits. */
  readonly meet = (view: TrayView) => {
    if (this.base?.id !== view.id) {
      this.begin(view);
    } else if (view.version > this.base.version && !this.unsaved) {
      this.take(view);
    }
  };

  /** In place of what is shown, such as after an undo. */
  readonly show = (view: TrayView) => {
    this.take(view);
    this.port.onView(view);
  };

  /** The units have changed: what is stored is shown in them; what still waits to be saved keeps those it was typed in. */
  readonly unitsChanged = () => {
    if (!this.base || this.unsaved || this.state.problem !== null) return;
    this.set({ draft: this.draftOf(this.base) });
    this.adoptUnit(this.base);
  };

  /** A tray of another unit is stored in the household's, so that all that is said of it is said in that one. */
  private adoptUnit({ plan }: Base) {
    const { draft } = this.state;
    if (draft && draft.unit !== plan.ovenSetting.unit) this.change(draft);
  }

  readonly change = (draft: TrayDraft) => {
    this.unsaved = draft;
    this.keep();
    this.set({ draft, whereabouts: 'sending' });
    this.saveSoon(PAUSE_MS);
  };

  /** The cook has decided what becomes of what both changed. */
  readonly decide = (whose: 'mine' | 'theirs') => {
    const [base, mine, theirs] = [this.base, this.state.draft, this.theirs];
    if (!base || !mine || !theirs) return;
    const [before, there] = [this.draftOf(base), this.draftOf(theirs)];
    this.base = theirs;
    this.theirs = null;
    this.set({ clashes: [] });
    this.change(whose === 'mine' ? mergeDrafts(before, mine, there).merged : mergeTheirs(before, mine, there));
  };

  private begin(view: TrayView) {
    const kept = readKept<{ draft: TrayDraft; base: Base }>(keyOf(view.id), this.port.keeper);
    if (!kept?.draft || kept.base?.id !== view.id) return this.take(view);
    this.base = kept.base;
    this.change(kept.draft);
  }

  private take(view: TrayView) {
    clearTimeout(this.timer);
    this.base = view;
    this.unsaved = null;
    this.sent = null;
    this.theirs = null;
    this.port.keeper.removeItem(keyOf(view.id));
    this.set({ draft: this.draftOf(view), problem: null, whereabouts: 'stored', clashes: [] });
    this.adoptUnit(view);
  }

  private saveSoon(ms: number) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.save(), ms);
  }

  private async save() {
    const [sent, base] = [this.unsaved, this.base];
    if (!sent || !base || this.busy || this.state.clashes.length > 0) return;
    this.busy = true;
    const body = requestFrom(sent, this.port.now());
    try {
      this.saved(sent, await this.port.save(base.id, body, this.headOf(body, base.version)));
    } catch (refused) {
      if (!(refused instanceof Problem)) throw refused;
      await this.refused(sent, refused);
    } finally {
      this.busy = false;
      if (this.unsaved && this.unsaved !== sent) this.saveSoon(0);
    }
  }

  /** The same save sent again after a lost answer is the same command. */
  private headOf(body: TrayPlanRequest, version: number): CommandHead {
    const text = JSON.stringify([version, body]);
    if (this.sent?.body !== text) this.sent = { body: text, id: newCommandId() };
    return commandHead(this.sent.id, version);
  }

  private saved(sent: TrayDraft, view: TrayView) {
    if (this.base?.id !== view.id) return;
    this.base = view;
    this.sent = null;
    this.port.onView(view);
    const isLast = this.unsaved === sent;
    if (isLast) {
      this.unsaved = null;
      this.port.keeper.removeItem(keyOf(view.id));
    } else {
      this.keep();
    }
    // The server has laid the new pieces; what was typed meanwhile stays.
    const { draft } = this.state;
    this.set({
      draft: draft && { ...draft, spots: view.plan.spots },
      problem: null,
      whereabouts: isLast ? 'stored' : 'sending',
    });
    // The kitchen's units may have changed while it was on its way.
    if (isLast && this.isInOtherUnits()) this.unitsChanged();
  }

  private isInOtherUnits(): boolean {
    const [{ draft }, { temperature, mass, length }] = [this.state, this.port.units()];
    return draft !== null && (draft.unit !== temperature || draft.massUnit !== mass || draft.lengthUnit !== length);
  }

  private async refused(sent: TrayDraft, problem: Problem) {
    if (problem.status === 0 || problem.status >= 500) {
      this.set({ problem, whereabouts: 'kept' });
      this.saveSoon(RETRY_MS);
      return;
    }
    this.sent = null;
    if (problem.status === 409 && problem.fields.version !== undefined) return this.merge();
    this.set({ problem, whereabouts: 'refused' });
    // Asked again only when it is typed over: but it stays on this device.
    if (this.unsaved === sent) this.unsaved = null;
  }

  /** Another screen was faster. */
  private async merge() {
    const base = this.base;
    if (!base) return;
    try {
      const view = await this.port.fetch(base.id);
      const mine = this.unsaved;
      if (!mine || this.base !== base) return;
      const { merged, clashes } = mergeDrafts(this.draftOf(base), mine, this.draftOf(view));
      this.port.onView(view);
      if (clashes.length > 0) {
        this.theirs = view;
        this.set({ clashes, whereabouts: 'asked', problem: null });
      } else {
        this.base = view;
        this.change(merged);
      }
    } catch (lost) {
      if (!(lost instanceof Problem)) throw lost;
      this.set({ whereabouts: 'kept', problem: lost });
      this.saveSoon(RETRY_MS);
    }
  }

  private keep() {
    if (!this.base || !this.unsaved) return;
    const { id, version, plan, eatAtHasPassed } = this.base;
    const base: Base = { id, version, plan, eatAtHasPassed };
    this.port.keeper.setItem(keyOf(id), JSON.stringify({ draft: this.unsaved, base }));
  }

  private draftOf(view: Base): TrayDraft {
    return draftFrom(view.plan, view.eatAtHasPassed, this.port.now(), this.port.units());
  }

  private set(part: Partial<EditingState>) {
    this.state = { ...this.state, ...part };
    for (const tell of this.watchers) tell();
  }
}

/** Another number for another shape of a draft: one that an older page kept would lack fields. */
const DRAFT_SHAPE = 7;

const keyOf = (id: number) => `tray.${DRAFT_SHAPE}.${id}`;
