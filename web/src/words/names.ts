import type { VerdictKind } from '../api/types';

/** How a bake ended: by readings that were enough, or not. */
export const loggedWords = (verdict: VerdictKind | undefined) =>
  verdict === 'serve' ? 'Measured and served' : verdict ? 'Finished, not measured enough' : 'Finished, not measured';

export const verdictWords: Record<VerdictKind, string> = {
  serve: 'Serve',
  restThenCheck: 'Rest, then check again',
  backIn: 'Back in',
  measure: 'Measure',
  cannotTell: 'Cannot tell yet',
};
