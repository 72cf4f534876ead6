/** Whole evenings as they come out in households that the plan knows nothing of: how often “sure” is sure. */
import { comeUp, naturalRelease, type CycleInput } from '$core/cooker';
import type { Kitchen } from '$core/kitchen';
import type { CompiledMeal, StepMeaning } from '$core/plan';
import { castPlayers } from '$core/solve/evening';
import { Playback } from '$core/solve/playback';
import type { Schedule } from '$core/solve';
import { normal, numbers, type Random } from './numbers';
import { cook, drawPot, type TruePot } from './true-pots';

const HANDS = new Set(['prep', 'brown', 'finish']);
const BY_ITSELF = new Set(['simmer', 'burner', 'thicken', 'oven', 'crisp', 'rest', 'preheat']);
const HOLD_MIN = 20;
/** Clocks show whole minutes: seconds over are not late. */
const LATE_MIN = 1;

/** What one household does to the lengths of a plan: its pots, its hands and its stove. */
class Luck {
  private readonly pots = new Map<string, TruePot>();
  private readonly pace: number;
  private readonly stove: number;

  constructor(
    kitchen: Kitchen,
    private readonly random: Random,
  ) {
    const mains = Math.exp(0.05 * normal(random));
    for (const c of kitchen.cookers) {
      const pot = drawPot(c.litres, c.watts, random);
      this.pots.set(c.id, { ...pot, watts: pot.watts * mains });
    }
    // Most are near what the dish says; the slow are farther off than the quick.
    const t = normal(random);
    this.pace = Math.exp(0.2 * t + 0.03 * (t * t - 1)) * Math.exp(0.1 * normal(random));
    this.stove = Math.exp(0.1 * normal(random));
  }

  /** By what factor the step takes longer than planned. */
  factor(meaning: StepMeaning, unit: string | null, kitchen: Kitchen): number {
    const { phase } = meaning;
    if (HANDS.has(phase)) return this.pace * Math.exp(0.17 * normal(this.random));
    if (BY_ITSELF.has(phase)) return this.stove * Math.exp(0.07 * normal(this.random));
    // A release of so many minutes is a clock's, and takes as long as it says.
    if (phase !== 'come-up' && (phase !== 'release' || /for \d/.test(meaning.text))) return 1;
    const cooker = kitchen.cookers.find((c) => c.id === unit);
    const pot = this.pots.get(unit ?? '');
    if (!cooker || !pot) return 1;
    const grams = (meaning.kg?.[cooker.id] ?? 0.5 * cooker.litres * 0.5) * 1000;
    const input: CycleInput = {
      cooker,
      level: 'high',
      altitudeM: 0,
      contents: [
        { food: 'water', grams: grams / 2, celsius: 15 },
        { food: 'carrot', grams: grams / 2, celsius: 5, pieceMm: 20 },
      ],
    };
    const roomC = 21 + 2.5 * normal(this.random);
    const near = (): number => Math.exp(0.07 * normal(this.random));
    const true_ = cook(pot, {
      foods: [
        {
          grams: (grams / 2) * near(),
          jPerGK: 4.18,
          celsius: 13 + 3.5 * normal(this.random),
          halfMm: 0,
          isThick: false,
        },
        {
          grams: (grams / 2) * near(),
          jPerGK: 3.9,
          celsius: 6 + 2 * normal(this.random),
          halfMm: 10,
          isThick: false,
        },
      ],
      roomC,
      isHotStart: false,
      holdMinutes: HOLD_MIN,
    });
    const planned = phase === 'come-up' ? comeUp(input) : naturalRelease(input, HOLD_MIN);
    if (!true_ || !planned.ok) return 1;
    return (phase === 'come-up' ? true_.up : true_.release) / planned.value.minutes;
  }
}

/** Share of households in which everything is ready by the time that the plan says. */
export function onTimeInTruth(
  compiled: CompiledMeal,
  schedule: Schedule,
  kitchen: Kitchen,
  households: number,
): number {
  const { problem } = compiled;
  const players = castPlayers(problem, schedule);
  const stage = new Playback(players, problem);
  const meaningOf = new Map(compiled.meanings.map((m) => [m.id, m]));
  const at = new Map(players.map((p, i) => [p.step.id, i]));
  let onTime = 0;
  for (let seed = 1; seed <= households; seed++) {
    const luck = new Luck(kitchen, numbers(seed * 6151 + 3));
    players.forEach(({ step, unit, median }, i) => {
      const meaning = meaningOf.get(step.id);
      const factor = meaning && median > 0 ? luck.factor(meaning, unit, kitchen) : 1;
      stage.lengths[i] = median * factor;
    });
    stage.play();
    const isOnTime = (problem.dishes ?? []).every(
      (d) =>
        (stage.ends[at.get(d.ready) ?? 0] ?? 0) <
        (d.dueAt ?? problem.serveAt) + (schedule.delay ?? 0) + LATE_MIN,
    );
    if (isOnTime) onTime++;
  }
  return onTime / households;
}
