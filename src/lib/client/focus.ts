/** Where the keyboard goes when what it was on is gone: never back to the top of the page. */
import { tick } from 'svelte';

const FOCUSABLE = 'a[href], button:not([disabled]), input:not([type=hidden]), select, textarea';

/**
 * After something has left a list, to what now stands in its place, else to the last that is left.
 *
 * @param list whose children are the things
 * @param index of the one that left
 * @param beside where the list is empty
 */
export async function focusNear(
  list: Element | null | undefined,
  index: number,
  beside?: HTMLElement | null,
): Promise<void> {
  await tick();
  const near = list?.children[Math.min(index, list.children.length - 1)];
  const target = near?.querySelector<HTMLElement>(FOCUSABLE) ?? beside;
  target?.focus();
}
