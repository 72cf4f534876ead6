/** A label's writing made as small as its place asks for, and no smaller than can be read. */
import type { Attachment } from 'svelte/attachments';

/** Of the usual size; under two thirds the smallest lines are under 8 pt. */
const SIZES = [1, 0.92, 0.85, 0.78, 0.72, 0.66] as const;

/**
 * Sets the size of the first child so that it fits the height of its parent.
 *
 * @param fixed whether the place has a height of its own
 * @param ontold told whether it fits
 */
export function fitted(fixed: boolean, ontold: (fits: boolean) => void): Attachment<HTMLElement> {
  return (place) => {
    const label = place.firstElementChild;
    if (!(label instanceof HTMLElement)) return;
    label.style.zoom = '1';
    if (!fixed) {
      ontold(true);
      return;
    }
    const fits = (size: number): boolean => {
      label.style.zoom = String(size);
      return label.getBoundingClientRect().height <= place.clientHeight + 0.5;
    };
    ontold(SIZES.some(fits));
  };
}
