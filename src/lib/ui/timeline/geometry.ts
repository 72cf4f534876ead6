/** Where things lie on the timeline: pure sums, tested without a browser. */

export interface Scale {
  /** Minutes on the plan's axis at the left and right edge. */
  from: number;
  to: number;
  /** px of those edges. */
  left: number;
  right: number;
}

/** px of a minute. */
export function toX(scale: Scale, minute: number): number {
  return (
    scale.left + ((minute - scale.from) / (scale.to - scale.from)) * (scale.right - scale.left)
  );
}

/** Steps between marks on the time axis, minutes; each divides the next day's hours evenly. */
const TICK_STEPS = [5, 10, 15, 30, 60, 120, 240, 720, 1440] as const;

/**
 * Marks at round clock times.
 *
 * @param offset minutes of the clock at axis minute 0 (serving at 18:30: 1110)
 * @param room px that a mark's text needs
 */
export function ticks(scale: Scale, offset: number, room: number): number[] {
  const pxPerMinute = (scale.right - scale.left) / (scale.to - scale.from);
  const step = TICK_STEPS.find((s) => s * pxPerMinute >= room) ?? 1440;
  const first = Math.ceil((scale.from + offset) / step) * step - offset;
  const marks: number[] = [];
  for (let at = first; at <= scale.to; at += step) marks.push(at);
  return marks;
}

/** Outline of a come-up: pressure swells late, as it does in the pot. */
export function risePath(
  scale: Scale,
  from: number,
  to: number,
  base: number,
  top: number,
): string {
  const [x0, x1] = [toX(scale, from), toX(scale, to)];
  const w = x1 - x0;
  return `M${x0} ${base}C${x0 + w * 0.55} ${base} ${x0 + w * 0.62} ${top} ${x1} ${top}L${x1} ${base}Z`;
}

/** Outline of a release: falls fast at first when left alone, a cliff when vented. */
export function fallPath(
  scale: Scale,
  from: number,
  to: number,
  base: number,
  top: number,
  quick: boolean,
): string {
  const [x0, x1] = [toX(scale, from), toX(scale, to)];
  if (quick) return `M${x0} ${base}L${x0} ${top}L${x1} ${base}Z`;
  const w = x1 - x0;
  return `M${x0} ${base}L${x0} ${top}C${x0 + w * 0.35} ${top} ${x0 + w * 0.5} ${base} ${x1} ${base}Z`;
}

/** A wavy line for keeping warm. */
export function wavePath(x0: number, x1: number, y: number): string {
  const period = 12;
  let path = `M${x0} ${y}`;
  for (let x = x0; x < x1 - 1; x += period) {
    const w = Math.min(period, x1 - x);
    path += `q${w / 4} -4 ${w / 2} 0t${w / 2} 0`;
  }
  return path;
}

/** Whether a text of `length` characters at `px` per character fits. */
export function textFits(text: string, room: number, pxPerCharacter = 7): boolean {
  return text.length * pxPerCharacter <= room;
}
