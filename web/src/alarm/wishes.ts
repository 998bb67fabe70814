import { keptOnDevice } from './keptOnDevice';

/** How this device calls its cook. */
export interface Wishes {
  /** No sound at all; that it is so stays in view. */
  silent: boolean;
  /** What is due is spoken, too. */
  spoken: boolean;
  /** A notice of the device while the page is out of sight, where the browser lets it. */
  notices: boolean;
  /** A soft chime half-way, ten minutes and five degrees before, and when it is reached. */
  milestones: boolean;
  /** It rings when something of the evening is to be begun. */
  starts: boolean;
}

export const wishes = keptOnDevice<Wishes>('wishes', {
  silent: false,
  spoken: false,
  notices: false,
  milestones: true,
  starts: false,
});

export const wish = (part: Partial<Wishes>) => wishes.set({ ...wishes.get(), ...part });
