import type { VerdictKind } from '../api/types';

export const verdictWords: Record<VerdictKind, string> = {
  serve: 'Serve',
  restThenCheck: 'Rest, then check again',
  backIn: 'Back in',
  measure: 'Measure',
  cannotTell: 'Cannot tell yet',
};
