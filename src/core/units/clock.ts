/** Moments and lengths of time as a cook reads them. The zone and the 12/24 h habit come in. */

export interface ClockStyle {
  /** IANA zone, for example `Europe/Athens`. */
  zone: string;
  hours: 12 | 24;
}

/** Formatters are slow to make and a schedule needs hundreds of the same. */
const formatters = new Map<string, Intl.DateTimeFormat>();

function formatter(style: ClockStyle, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${style.zone}|${style.hours}|${JSON.stringify(options)}`;
  let found = formatters.get(key);
  if (!found) {
    found = new Intl.DateTimeFormat('en-GB', { timeZone: style.zone, ...options });
    formatters.set(key, found);
  }
  return found;
}

/**
 * Time of day.
 *
 * @param instant ms since the epoch
 * @example formatTime(Date.UTC(2026, 10, 28, 16, 30), { zone: 'Europe/Athens', hours: 24 }) // '18:30'
 */
export function formatTime(instant: number, style: ClockStyle): string {
  const options: Intl.DateTimeFormatOptions =
    style.hours === 24
      ? { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }
      : { hour: 'numeric', minute: '2-digit', hourCycle: 'h12' };
  return formatter(style, options).format(instant).replace(' ', '\u00a0');
}

/** Weekday, day and month: `Saturday 28 November`. */
export function formatDay(instant: number, style: ClockStyle): string {
  return formatter(style, { weekday: 'long', day: 'numeric', month: 'long' })
    .format(instant)
    .replace(',', '');
}

/**
 * A day in a list: “28 Nov”, with its year where that is not this one. It does not break over lines.
 *
 * @param day as `2026-11-28`
 * @param today as `day`
 */
export function shortDay(day: string, today: string): string {
  const isThisYear = day.slice(0, 4) === today.slice(0, 4);
  return formatter(
    { zone: 'UTC', hours: 24 },
    { day: 'numeric', month: 'short', ...(isThisYear ? {} : { year: 'numeric' }) },
  )
    .format(Date.parse(`${day}T12:00:00Z`))
    .replaceAll(' ', '\u00a0');
}

/** @param month as `2026-11` @example monthName('2026-11') // 'Nov 2026' */
export function monthName(month: string): string {
  return formatter({ zone: 'UTC', hours: 24 }, { month: 'short', year: 'numeric' })
    .format(Date.parse(`${month}-15T12:00:00Z`))
    .replace('Sept', 'Sep');
}

/** @param day as `2026-11-28` @example weekday('2026-11-28') // 'Sat' */
export function weekday(day: string): string {
  return formatter({ zone: 'UTC', hours: 24 }, { weekday: 'short' }).format(
    Date.parse(`${day}T12:00:00Z`),
  );
}

/**
 * A day on a label, with its year, as the household writes dates: “28 Nov 2026”, or “Nov 28, 2026”.
 *
 * @param day as `2026-11-28`
 */
export function labelDay(day: string, system: 'us' | 'metric'): string {
  const key = `label|${system}`;
  let found = formatters.get(key);
  if (!found) {
    found = new Intl.DateTimeFormat(system === 'us' ? 'en-US' : 'en-GB', {
      timeZone: 'UTC',
      day: 'numeric',
      month: 'short',
      year: 'numeric',
    });
    formatters.set(key, found);
  }
  return found.format(Date.parse(`${day}T12:00:00Z`)).replace('Sept', 'Sep');
}

/** Day in the zone as `2026-11-28`, for comparing days and for form fields. */
export function dayKey(instant: number, zone: string): string {
  const parts = formatter(
    { zone, hours: 24 },
    { year: 'numeric', month: '2-digit', day: '2-digit' },
  ).formatToParts(instant);
  const part = (type: string): string => parts.find((p) => p.type === type)?.value ?? '';
  return `${part('year')}-${part('month')}-${part('day')}`;
}

/** Zones that this machine knows: looking one up takes as long as reading a whole meal. */
const known = new Set<string>();

/** Whether the runtime knows the zone. */
export function isZone(zone: string): boolean {
  if (known.has(zone)) return true;
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: zone });
    known.add(zone);
    return true;
  } catch {
    return false;
  }
}

/**
 * A length of time in words.
 *
 * @param minutes whole or not; rounded to the minute
 * @example formatMinutes(95) // '1 h 35 min'
 */
export function formatMinutes(minutes: number): string {
  const whole = Math.round(Math.abs(minutes));
  const h = Math.floor(whole / 60);
  const m = whole % 60;
  if (h === 0) return `${m} min`;
  return m === 0 ? `${h} h` : `${h} h ${m} min`;
}
