/**
 * An answer that was asked for before a save and comes after it is older than what the save has shown: the newer one stays. Of
 * another tray it is another answer, whatever its version.
 */
export const newerOf = <T extends { id: number; version: number }>(answer: T, shown: T | undefined): T =>
  shown && shown.id === answer.id && shown.version > answer.version ? shown : answer;
