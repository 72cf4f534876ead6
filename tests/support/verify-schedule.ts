/**
 * Checks a schedule against the contract of the plan problem, minute by minute. Written apart from
 * the engine and in another way (loads on a grid), so that the two do not share a mistake.
 */
import { valueFor, type Problem, type Schedule } from '$core/solve';

type Claimed = Pick<Schedule, 'steps' | 'blocks'> & { delay: number; cost: number };

/** Minutes from `from` up to `to`, where something takes `amount`. */
type Claim = { from: number; to: number; amount: number };

function isOver(claims: readonly Claim[], capacity: number): boolean {
  const load = new Map<number, number>();
  for (const { from, to, amount } of claims)
    for (let minute = from; minute < to; minute++) {
      const sum = (load.get(minute) ?? 0) + amount;
      if (sum > capacity) return true;
      load.set(minute, sum);
    }
  return false;
}

/** What is wrong with it, in words; empty where nothing is. */
export function verifySchedule(problem: Problem, claimed: Claimed): string[] {
  const wrong: string[] = [];
  const unitOf = new Map(claimed.blocks.map((b) => [b.id, b.unit]));
  const timeOf = new Map(claimed.steps.map((s) => [s.id, s]));
  const time = (id: string): { start: number; end: number } =>
    timeOf.get(id) ?? { start: NaN, end: NaN };
  for (const step of problem.steps) {
    const { start, end } = time(step.id);
    const minutes = valueFor(step.minutes, step.block == null ? undefined : unitOf.get(step.block));
    if (end - start !== minutes) wrong.push(`${step.id} lasts ${end - start}, not ${minutes}`);
    if (start < Math.max(problem.earliest, step.from ?? -Infinity))
      wrong.push(`${step.id} is early`);
    if (end > (step.by ?? Infinity)) wrong.push(`${step.id} ends late`);
  }
  for (const link of problem.links ?? []) {
    const lag = time(link.to).start - time(link.from).end;
    if (lag < (link.min ?? 0) || lag > (link.max ?? Infinity))
      wrong.push(`${link.from}>${link.to} lag ${lag}`);
  }
  const stays = (problem.blocks ?? []).map((block) => {
    const own = problem.steps.filter((s) => s.block === block.id).map((s) => time(s.id));
    return {
      block,
      unit: unitOf.get(block.id),
      from: Math.min(...own.map((t) => t.start)),
      to: Math.max(...own.map((t) => t.end)),
    };
  });
  for (const stay of stays)
    if (stay.unit === undefined || !stay.block.units.includes(stay.unit))
      wrong.push(`${stay.block.id} in ${stay.unit}`);
  for (const unit of problem.units ?? []) {
    const claims = stays
      .filter((s) => s.unit === unit.id && s.to > s.from)
      .map((s) => ({ from: s.from, to: s.to + (s.block.turnaround ?? 0), amount: 1 }));
    const busy = claims.length ? (unit.busy ?? []).map((b) => ({ ...b, amount: 1 })) : [];
    if (isOver([...claims, ...busy], unit.capacity ?? 1)) wrong.push(`unit ${unit.id}`);
  }
  for (const tool of problem.tools ?? []) {
    const claims = stays.map((s) => ({
      from: s.from,
      to: s.to,
      amount: (s.block.tools ?? []).filter((t) => t === tool.id).length,
    }));
    if (isOver(claims, tool.count)) wrong.push(`tool ${tool.id}`);
  }
  for (const resource of problem.resources ?? []) {
    const claims = problem.steps.map((s) => {
      const amount = valueFor(
        s.uses?.[resource.id] ?? 0,
        s.block == null ? undefined : unitOf.get(s.block),
      );
      return { from: time(s.id).start, to: time(s.id).end, amount: amount ?? 0 };
    });
    if (isOver(claims, resource.capacity)) wrong.push(`resource ${resource.id}`);
  }
  for (const [a, b] of problem.apart ?? []) {
    const [x, y] = [a, b].map((id) => stays.find((s) => s.block.id === id));
    if (x && y && x.from < y.to && y.from < x.to) wrong.push(`${a} and ${b} together`);
  }
  const hands = problem.steps.map((s) => ({
    from: time(s.id).start,
    to: time(s.id).end,
    amount: s.hands ?? 0,
  }));
  const away = (problem.away ?? []).map((a) => ({ from: a.from, to: a.to, amount: a.hands }));
  if (isOver([...hands, ...away], problem.hands ?? 0)) wrong.push('hands');

  let cost = 0;
  for (const dish of problem.dishes ?? []) {
    const hold = (dish.dueAt ?? problem.serveAt) + claimed.delay - time(dish.ready).end;
    if (hold < 0 || hold > (dish.holdMax ?? Infinity)) wrong.push(`dish ${dish.id} held ${hold}`);
    cost += hold * (dish.holdCost ?? 1);
    if (dish.holdSoft != null && hold > dish.holdSoft)
      cost += (hold - dish.holdSoft) * (dish.overCost ?? 1);
  }
  for (const link of problem.links ?? []) {
    const lag = time(link.to).start - time(link.from).end;
    if (link.soft != null && lag > link.soft) cost += (lag - link.soft) * (link.overCost ?? 1);
  }
  const counted = problem.steps.filter((s) => !s.aside).map((s) => time(s.id));
  const served = problem.serveAt + claimed.delay;
  const first = counted.length ? Math.min(...counted.map((t) => t.start)) : served;
  cost += (problem.spanCost ?? 1) * (Math.max(served, ...counted.map((t) => t.end)) - first);
  if (cost !== claimed.cost) wrong.push(`cost ${claimed.cost}, is ${cost}`);
  return wrong;
}
