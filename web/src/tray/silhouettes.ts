import type { Cut } from '../api/types';

/**
 * Our own side views of the cuts lying on a tray, each in a box 200 wide and 100 tall with the tray at the bottom.
 * They are stretched to a piece's real length and height.
 */
export const silhouettes: Record<Cut, string> = {
  boneInThigh: 'M4 96C0 62 18 30 54 14C86 0 128 2 158 20C188 38 202 70 194 96C150 101 50 101 4 96Z',
  bonelessThigh: 'M2 97C2 62 22 42 50 34C74 8 122 0 146 26C176 30 198 60 198 97C150 101 50 101 2 97Z',
  drumstick:
    'M3 94C-2 50 20 8 62 2C100 -2 118 30 146 44C160 50 172 46 180 40C190 34 200 44 196 54C204 62 198 76 186 74C172 72 164 74 152 80C130 96 104 99 62 98C36 98 10 100 3 94Z',
  legQuarter:
    'M3 96C-2 54 16 10 56 4C86 0 98 24 116 30C140 34 154 52 176 54C190 50 202 62 197 74C196 86 184 88 172 88C156 97 130 98 110 98C70 100 30 100 3 96Z',
  bonelessBreast: 'M3 97C-2 56 14 12 56 4C98 -2 138 30 166 56C182 72 197 84 198 97C150 101 50 101 3 97Z',
  boneInBreast: 'M4 96C-2 46 22 4 76 2C122 0 154 28 176 54C190 70 200 82 196 95L150 99L108 93L60 99L26 94Z',
  wholeWing:
    'M3 95C-1 62 12 20 40 16C66 12 76 52 92 56C104 48 112 16 134 12C154 10 158 44 164 60C172 74 190 76 197 92C160 101 40 101 3 95Z',
};
