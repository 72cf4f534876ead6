import { fail, redirect } from '@sveltejs/kit';
import { mealPlan } from '$lib/server/meal-plan';
import { database } from '$lib/server/database';
import { eveningsOf, startEvening } from '$lib/server/evening-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { planningKitchen } from '$lib/server/learned-store';
import { mealsFrom } from '$lib/server/meal-store';
import { onePot, waterTest } from '$core/run';
import { startPractice } from '$lib/server/practice';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

const DAY_MS = 86_400_000;
/** Simulated water comes to pressure so many times as fast. */
const WATER_SPEED = 5;

export const load: PageServerLoad = async () => {
  const store = await database();
  const now = currentTime();
  const [kitchen, meals] = await Promise.all([
    readKitchen(store),
    mealsFrom(store, now - DAY_MS / 2),
  ]);
  const evenings = await eveningsOf(
    store,
    meals.map(({ meal }) => meal.id),
  );
  return {
    kitchen,
    now,
    evenings: evenings.filter((e) => !e.isPractice),
    meals: meals
      .map(({ meal, isPlanned }) => ({
        id: meal.id,
        name: meal.name,
        serveAt: meal.serveAt,
        isPlanned,
      }))
      .toReversed(),
  };
};

export const actions: Actions = {
  /** Turns a meal's plan into a live evening; one that runs already is taken up again. */
  start: async ({ request }) => {
    const form = await request.formData();
    const mealId = String(form.get('meal') ?? '');
    const store = await database();
    const running = (await eveningsOf(store, [mealId])).find((e) => !e.isPractice);
    if (running) redirect(303, `/cook/${running.id}`);
    const { meal, kitchen, compiled, schedule, serveAt } = await mealPlan(mealId);
    if (schedule.cost === null) return fail(422, { problem: 'This meal has no plan yet.' });
    // What the plan had to stop for stands in the way once more, until somebody says that they have seen it.
    const stops = compiled.notes.filter((n) => n.severity === 'stop');
    if (stops.length > 0 && form.get('seen') !== 'yes')
      return fail(409, { stops: { mealId, notes: stops } });
    const id = crypto.randomUUID();
    await startEvening(
      store,
      { id, mealId, name: meal.name, serveAt, compiled, schedule },
      currentTime(),
      { kitchen },
    );
    redirect(303, `/cook/${id}`);
  },
  /** One pot without any plan: which, how long, go. */
  pot: async ({ request }) => {
    const form = await request.formData();
    const store = await database();
    const kitchen = await planningKitchen(store);
    const evening = onePot(
      kitchen,
      {
        cooker: String(form.get('cooker') ?? ''),
        minutes: Number(form.get('minutes') || Number.NaN),
        release: String(form.get('release') ?? 'natural'),
      },
      currentTime(),
    );
    if (!evening.ok) {
      const [problem] = evening.problems;
      return fail(422, { pot: `${problem?.message}; ${problem?.remedy}.` });
    }
    const { lidOn, ...started } = evening.value;
    await startEvening(store, started, currentTime(), { first: [lidOn] });
    redirect(303, `/cook/${started.id}`);
  },
  /** A first cycle with water, simulated or with the real pot beside the screen. */
  water: async ({ request }) => {
    const form = await request.formData();
    const store = await database();
    const isSimulated = form.get('how') === 'simulated';
    const evening = waterTest(
      await planningKitchen(store),
      { cooker: String(form.get('cooker') ?? ''), isSimulated },
      currentTime(),
    );
    if (!evening.ok) {
      const [problem] = evening.problems;
      return fail(422, { pot: `${problem?.message}; ${problem?.remedy}.` });
    }
    if (isSimulated) await startPractice(store, evening.value, WATER_SPEED);
    else await startEvening(store, evening.value, currentTime());
    redirect(303, `/cook/${evening.value.id}`);
  },
};
