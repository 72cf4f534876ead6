/**
 * An evening played forward in time, as a clock would see it: at each moment every step that may start does, in
 * the planned order. Written for the tests only, from the contract’s words and without the engine’s own code.
 */
import type { Problem, Schedule } from '$core/solve';

/** @param lengths minutes by step id @returns start of each step, by id */
export function playForward(
  problem: Problem,
  schedule: Schedule,
  lengths: ReadonlyMap<string, number>,
): Map<string, number> {
  const planned = new Map(schedule.steps.map((s) => [s.id, s]));
  const unitOf = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  const order = [...problem.steps]
    .map((s) => s.id)
    .sort((a, b) => {
      const [x, y] = [planned.get(a), planned.get(b)];
      return (x?.start ?? 0) - (y?.start ?? 0) || (x?.end ?? 0) - (y?.end ?? 0);
    });
  const step = new Map(problem.steps.map((s) => [s.id, s]));
  const start = new Map<string, number>();
  const endOf = (id: string): number => (start.get(id) ?? Infinity) + (lengths.get(id) ?? 0);

  /** Steps that must have ended, each with its lag, before this one may start. */
  const before = (id: string): [string, number][] => {
    const own = step.get(id);
    const links = (problem.links ?? []).flatMap((l): [string, number][] =>
      l.to === id ? [[l.from, l.min ?? 0]] : [],
    );
    const stay = schedule.blocks.find((b) => b.id === own?.block);
    if (!stay || stay.end <= stay.start) return links;
    const toolsOf = (block: string): Set<string> =>
      new Set(problem.blocks?.find((b) => b.id === block)?.tools ?? []);
    const stays = schedule.blocks.flatMap((b): [string, number][] => {
      if (b.id === stay.id || b.end <= b.start || b.end > stay.start) return [];
      const rest = problem.blocks?.find((x) => x.id === b.id)?.turnaround ?? 0;
      const inUnit = b.unit === stay.unit && stay.start >= b.end + rest;
      const byTool = [...toolsOf(b.id)].some((t) => toolsOf(stay.id).has(t));
      const apart = (problem.apart ?? []).some((p) => p.includes(b.id) && p.includes(stay.id));
      if (!inUnit && !byTool && !apart) return [];
      return problem.steps
        .filter((s) => s.block === b.id)
        .map((s): [string, number] => [s.id, inUnit ? rest : 0]);
    });
    return [...links, ...stays];
  };

  const claims = (id: string, what: string): number => {
    const s = step.get(id);
    if ((lengths.get(id) ?? 0) === 0) return 0;
    if (what === 'hands') return s?.hands ?? 0;
    const amount = s?.uses?.[what] ?? 0;
    return typeof amount === 'number' ? amount : (amount[unitOf.get(s?.block ?? '') ?? ''] ?? 0);
  };
  const things = [
    { what: 'hands', capacity: problem.hands ?? 0 },
    ...(problem.resources ?? []).map((r) => ({ what: r.id, capacity: r.capacity })),
  ];
  const inUse = (what: string, at: number): number =>
    [...start].reduce((n, [id, s]) => n + (s <= at && at < endOf(id) ? claims(id, what) : 0), 0);
  const awayAt = (what: string, at: number): number =>
    what !== 'hands'
      ? 0
      : (problem.away ?? []).reduce((n, a) => n + (a.from <= at && at < a.to ? a.hands : 0), 0);

  const mayStart = (id: string, now: number): boolean => {
    if (now < (planned.get(id)?.start ?? 0)) return false;
    if (before(id).some(([on, lag]) => now < endOf(on) + lag - 1e-9)) return false;
    const length = lengths.get(id) ?? 0;
    for (const { what, capacity } of things) {
      const wanted = claims(id, what);
      if (wanted === 0) continue;
      // In the planned order: whoever is to start before has started.
      if (order.slice(0, order.indexOf(id)).some((o) => claims(o, what) > 0 && !start.has(o)))
        return false;
      const moments = [now, ...(problem.away ?? []).map((a) => a.from)].filter(
        (m) => m >= now && m < now + length,
      );
      if (moments.some((m) => inUse(what, m) + awayAt(what, m) + wanted > capacity)) return false;
    }
    // A stay of no length holds nothing.
    const stayed = schedule.blocks.find((b) => b.id === step.get(id)?.block);
    if (stayed && stayed.start === stayed.end) return true;
    const unit = problem.units?.find((u) => u.id === unitOf.get(step.get(id)?.block ?? ''));
    return !(unit?.busy ?? []).some((b) => {
      const meets = length > 0 ? b.from < now + length && now < b.to : b.from <= now && now < b.to;
      // With a slot for each, as here, something else in the unit leaves none.
      return meets && (unit?.capacity ?? 1) <= 1;
    });
  };

  let now = Math.min(...[...planned.values()].map((s) => s.start));
  while (start.size < order.length) {
    let isMoving = true;
    while (isMoving) {
      isMoving = false;
      for (const id of order)
        if (!start.has(id) && mayStart(id, now)) {
          start.set(id, now);
          isMoving = true;
        }
    }
    const lags = [
      0,
      ...(problem.links ?? []).map((l) => l.min ?? 0),
      ...(problem.blocks ?? []).map((b) => b.turnaround ?? 0),
    ];
    const next = Math.min(
      ...[
        ...[...planned.values()].map((s) => s.start),
        ...[...start.keys()].flatMap((id) => lags.map((lag) => endOf(id) + lag)),
        ...(problem.away ?? []).map((a) => a.to),
        ...(problem.units ?? []).flatMap((u) => (u.busy ?? []).map((b) => b.to)),
      ].filter((t) => t > now + 1e-12),
    );
    if (!Number.isFinite(next)) break;
    now = next;
  }
  return start;
}
