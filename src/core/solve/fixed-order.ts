/** A schedule's choices written back into its problem: units chosen, orders as links. */
import { HANDS, type Player } from './evening';
import type { Problem, ProblemLink } from './problem';
import type { Schedule } from './schedule';

/**
 * The problem in which only moments are left to choose. Units keep their blocks; what shares a unit
 * of one, a tool, or one pair of hands keeps its order.
 */
export function fixOrder(problem: Problem, schedule: Schedule): Problem {
  const unitOf = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  return {
    ...problem,
    blocks: (problem.blocks ?? []).map((b) => ({ ...b, units: [unitOf.get(b.id) ?? ''] })),
    links: [
      ...(problem.links ?? []),
      ...stayLinks(problem, schedule),
      ...handLinks(problem, schedule),
    ],
  };
}

/** Stays that follow each other: every step of the later after every step of the earlier. */
function stayLinks(problem: Problem, schedule: Schedule): ProblemLink[] {
  const capacity = new Map((problem.units ?? []).map((u) => [u.id, u.capacity ?? 1]));
  const blocks = new Map((problem.blocks ?? []).map((b) => [b.id, b]));
  const stays = schedule.blocks.filter((b) => b.end > b.start).sort((a, b) => a.start - b.start);
  const stepsOf = (id: string): string[] =>
    problem.steps.filter((s) => s.block === id).map((s) => s.id);
  return stays.flatMap((earlier, i) => {
    if (capacity.get(earlier.unit) !== 1) return [];
    // Only the next one: what follows later follows that.
    const later = stays.slice(i + 1).find((s) => s.unit === earlier.unit);
    if (!later) return [];
    const min = blocks.get(earlier.id)?.turnaround ?? 0;
    return stepsOf(earlier.id).flatMap((from) =>
      stepsOf(later.id).map((to) => ({ from, to, min })),
    );
  });
}

/**
 * Work follows work, cook by cook. With several cooks each piece belongs to whoever has been free longest, as an
 * evening is played; without that, a plan with more slack could be given another order, and be less sure.
 */
function handLinks(problem: Problem, schedule: Schedule): ProblemLink[] {
  const handsOf = new Map(problem.steps.map((s) => [s.id, s.hands ?? 0]));
  const work = schedule.steps
    .filter((s) => (handsOf.get(s.id) ?? 0) > 0 && s.end > s.start)
    .sort((a, b) => a.start - b.start);
  const chains = shareOut(
    work.map((s) => ({ needed: handsOf.get(s.id) ?? 0, end: s.end })),
    problem.hands ?? 0,
  );
  return chains.flatMap((chain) =>
    chain.slice(1).map((to, i) => ({
      from: (work[chain[i] as number] as { id: string }).id,
      to: (work[to] as { id: string }).id,
      min: 0,
    })),
  );
}

/** Work in the order in which it begins, shared out among cooks: each piece to whoever has been free longest. */
function shareOut(work: readonly { needed: number; end: number }[], hands: number): number[][] {
  const chains = Array.from({ length: hands }, () => ({ free: -Infinity, work: [] as number[] }));
  work.forEach(({ needed, end }, i) => {
    chains.sort((a, b) => a.free - b.free);
    for (const chain of chains.slice(0, needed)) {
      chain.work.push(i);
      chain.free = end;
    }
  });
  return chains.map((chain) => chain.work);
}

/** For each player, who waits for it and how long after its end: links, stays, and the cook’s next work. */
export function followers(
  players: readonly Player[],
  hands: number,
): { to: number; lag: number }[][] {
  const out: { to: number; lag: number }[][] = players.map(() => []);
  players.forEach((player, to) => {
    for (const { on, lag } of player.waits) out[on]?.push({ to, lag });
  });
  for (const chain of cookChains(players, hands))
    chain.slice(1).forEach((to, i) => out[chain[i] as number]?.push({ to, lag: 0 }));
  return out;
}

/** Players by cook, one chain for each. */
function cookChains(players: readonly Player[], hands: number): number[][] {
  const own = players.flatMap((player, i) =>
    player.median === 0
      ? []
      : [
          {
            ...{ i, end: player.planned + player.median },
            needed: player.takes.find((t) => t.what === HANDS)?.amount ?? 0,
          },
        ],
  );
  return shareOut(own, hands).map((chain) => chain.map((at) => (own[at] as { i: number }).i));
}
