/** An id that nobody has yet. Browsers give `crypto.randomUUID` to pages over https only; a phone in the house has http. */
export function freshId(length = 32): string {
  const bytes = crypto.getRandomValues(new Uint8Array(Math.ceil(length / 2)));
  return Array.from(bytes, (b) => b.toString(16).padStart(2, '0'))
    .join('')
    .slice(0, length);
}
