/** Two fingers, or Ctrl and the wheel, as a factor; keys + and − by their steps. */

/** Closest and widest that a timeline is shown, against the page's width. */
export const ZOOM_RANGE = { least: 1, most: 4 } as const;
const BY_KEY = 1.25;
/** So many pixels of the wheel double it. */
const WHEEL_PX = 300;

export const within = (zoom: number): number =>
  Math.min(ZOOM_RANGE.most, Math.max(ZOOM_RANGE.least, zoom));

/**
 * Lets an element be zoomed.
 *
 * @param zoomed told the wanted factor from how it is now, and where on the element's own width (0 to 1) it is wanted
 * @returns an attachment
 */
export function zoomable(
  now: () => number,
  zoomed: (zoom: number, at: number) => void,
): (node: HTMLElement) => () => void {
  return (node) => {
    const fingers = new Map<number, PointerEvent>();
    let begun: { apart: number; zoom: number } | null = null;
    const place = (x: number): number => {
      const box = node.getBoundingClientRect();
      return (x - box.left) / Math.max(1, box.width);
    };
    const span = (): { apart: number; middle: number } | null => {
      const [a, b] = [...fingers.values()];
      if (!a || !b) return null;
      return {
        apart: Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY),
        middle: (a.clientX + b.clientX) / 2,
      };
    };
    const down = (event: PointerEvent): void => {
      if (event.pointerType !== 'touch') return;
      fingers.set(event.pointerId, event);
      const two = span();
      if (two) begun = { apart: Math.max(10, two.apart), zoom: now() };
    };
    const move = (event: PointerEvent): void => {
      if (!fingers.has(event.pointerId)) return;
      fingers.set(event.pointerId, event);
      const two = span();
      if (two && begun) zoomed(within(begun.zoom * (two.apart / begun.apart)), place(two.middle));
    };
    const up = (event: PointerEvent): void => {
      fingers.delete(event.pointerId);
      begun = null;
    };
    const wheel = (event: WheelEvent): void => {
      if (!event.ctrlKey) return;
      event.preventDefault();
      zoomed(within(now() * 2 ** (-event.deltaY / WHEEL_PX)), place(event.clientX));
    };
    const key = (event: KeyboardEvent): void => {
      if (event.target !== node || event.ctrlKey || event.metaKey) return;
      const by = { '+': BY_KEY, '=': BY_KEY, '-': 1 / BY_KEY }[event.key];
      if (by !== undefined) zoomed(within(now() * by), 0.5);
      else if (event.key === '0') zoomed(1, 0.5);
    };
    node.addEventListener('pointerdown', down);
    node.addEventListener('pointermove', move);
    node.addEventListener('pointerup', up);
    node.addEventListener('pointercancel', up);
    node.addEventListener('wheel', wheel, { passive: false });
    node.addEventListener('keydown', key);
    return () => {
      node.removeEventListener('pointerdown', down);
      node.removeEventListener('pointermove', move);
      node.removeEventListener('pointerup', up);
      node.removeEventListener('pointercancel', up);
      node.removeEventListener('wheel', wheel);
      node.removeEventListener('keydown', key);
    };
  };
}
