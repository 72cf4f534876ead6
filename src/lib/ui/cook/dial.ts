/** The dial: the next sixty minutes as arcs where the minute hand will meet them. */
import type { LiveStep } from '$core/run';

const HOUR_MS = 3_600_000;
const MINUTE_MS = 60_000;

export interface DialArc {
  key: string;
  path: string;
  fill: string;
  stroke: string;
}

/**
 * Radians of a moment on a clock face, from twelve, clockwise.
 *
 * @param shift minutes by which the zone's minute hand is ahead of UTC's: 30 in some
 */
export function angleOf(at: number, shift: number): number {
  const minute = (at / MINUTE_MS + shift) % 60;
  return (minute / 60) * 2 * Math.PI;
}

/** @param angle from twelve o’clock, radians @returns x and y from the middle */
export function pointAt(angle: number, radius: number): [number, number] {
  return [radius * Math.sin(angle), -radius * Math.cos(angle)];
}

/** How thick the pot's track is at a share of the phase: as thick as the pressure is. */
const THICKNESS: Readonly<Record<string, (share: number) => number>> = {
  'come-up': (share) => 0.18 + 0.82 * share,
  hold: () => 1,
  release: (share) => 1 - 0.82 * share,
  vent: (share) => 1 - 0.82 * share,
};
const FILL: Readonly<Record<string, [string, string]>> = {
  'come-up': ['url(#tex-brine)', 'var(--brine)'],
  hold: ['var(--olive)', 'var(--olive)'],
  release: ['url(#tex-leaf)', 'var(--leaf-ink)'],
  vent: ['url(#tex-leaf)', 'var(--leaf-ink)'],
};

/**
 * One arc: a band around `radius`, swelling and shrinking with the pressure.
 *
 * @param now the arc is cut to what lies ahead within the hour
 */
export function arcOf(
  step: LiveStep,
  { radius, width, now, shift }: { radius: number; width: number; now: number; shift: number },
): DialArc | null {
  const from = Math.max(step.start, now);
  const to = Math.min(step.end, now + HOUR_MS);
  if (to - from < MINUTE_MS / 6) return null;
  const { phase, isHands, id } = step.operation;
  const thick = THICKNESS[phase] ?? (() => 0.34);
  const [fill, stroke] = FILL[phase] ?? [
    isHands ? 'var(--ember)' : 'var(--straw)',
    'var(--line-strong)',
  ];
  const points = Math.max(2, Math.ceil((to - from) / MINUTE_MS) * 2);
  const outer: string[] = [];
  const inner: string[] = [];
  for (let i = 0; i <= points; i++) {
    const at = from + ((to - from) * i) / points;
    const share = (at - step.start) / Math.max(1, step.end - step.start);
    const half = (width * thick(share)) / 2;
    const angle = angleOf(at, shift);
    outer.push(
      pointAt(angle, radius + half)
        .map((n) => n.toFixed(1))
        .join(' '),
    );
    inner.push(
      pointAt(angle, radius - half)
        .map((n) => n.toFixed(1))
        .join(' '),
    );
  }
  return { key: id, path: `M${outer.join('L')}L${inner.reverse().join('L')}Z`, fill, stroke };
}

/** A letter or two for each name, no two alike: how a ring is known on the dial. */
export function badgesOf(names: readonly string[]): string[] {
  const used = new Set<string>();
  return names.map((name) => {
    const letters = [...name.toUpperCase()].filter((c) => /[\p{L}\p{N}]/u.test(c));
    const [first = '?', ...others] = letters;
    const choices = [first, ...others.map((c) => first + c.toLowerCase())];
    const badge = choices.find((c) => !used.has(c)) ?? String(used.size + 1);
    used.add(badge);
    return badge;
  });
}
