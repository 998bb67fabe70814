import type { Problem } from '../../api/problem';
import type { TrayDraft } from './trayDraft';

/** What each part of the form gets: the draft, what was refused in it, and how to change it. */
export interface TrayFieldsProps {
  draft: TrayDraft;
  problem: Problem | null;
  onChange: (draft: TrayDraft) => void;
}
