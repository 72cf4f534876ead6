/** The i-th term (from 1) of 1, 1, 2, 1, 1, 2, 4, … (M. Luby, A. Sinclair, D. Zuckerman, 1993). */
export function luby(i: number): number {
  let size = 1;
  let power = 0;
  while (size < i) {
    size = 2 * size + 1;
    power++;
  }
  while (size !== i) {
    size = (size - 1) >> 1;
    power--;
    if (i > size) i -= size;
  }
  return 2 ** power;
}
