import { describe, expect, it } from 'vitest';
import { again, type CoatDraft, coatOfKind, gapBefore, isFollowed } from './coatDraft';

const glazeAt = (at: string): CoatDraft => ({
  ...coatOfKind('glaze'),
  mix: 'apricot',
  name: 'Apricot glaze',
  when: 'atMinute',
  at,
});

describe('a coat that goes on again', () => {
  it('comes twelve minutes after the first', () => {
    expect(again([coatOfKind('dryRub'), glazeAt('30')], 1)).toEqual(glazeAt('42'));
  });

  it('keeps the gap the cook has said', () => {
    const coats = [glazeAt('30'), coatOfKind('topping'), glazeAt('45')];
    expect(gapBefore(coats, 2)).toBe(15);
    expect(again(coats, 2).at).toBe('60');
  });

  it('takes the usual gap where the minutes run backwards, or stand still', () => {
    expect(gapBefore([glazeAt('30'), glazeAt('30')], 1)).toBe(12);
    expect(gapBefore([glazeAt('40'), glazeAt('30')], 1)).toBe(12);
  });

  it('is asked for of the last one only, and of each mix by itself', () => {
    const other = { ...glazeAt('50'), mix: 'plum', name: 'Plum glaze' };
    const coats = [glazeAt('30'), glazeAt('42'), other];
    expect(coats.map((_, at) => isFollowed(coats, at))).toEqual([true, false, false]);
  });
});
