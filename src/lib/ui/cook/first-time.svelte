<script lang="ts">
  /** A first cycle with water: what one sees and hears in each phase, and what to do. */
  import type { Kitchen } from '$core/kitchen';
  import { leastLiquid } from '$core/cooker';
  import type { Phase } from '$core/plan';
  import { isPast, type Evening, type LiveState } from '$core/run';
  import { formatMinutes } from '$core/units';
  import { sayWater } from '$core/words';

  interface Props {
    evening: Evening;
    fold: LiveState;
    kitchen: Kitchen;
  }
  let { evening, fold, kitchen }: Props = $props();

  const MINUTE = 60_000;
  const cooker = $derived(
    kitchen.cookers.find((c) => fold.steps.some((s) => s.operation.unit === c.id)) ?? null,
  );
  const water = $derived(
    cooker
      ? sayWater(cooker.leastMl ?? leastLiquid(cooker.litres, kitchen.school), kitchen)
      : 'the least',
  );
  interface Lesson {
    name: string;
    sees: string;
    does: string;
  }
  /** Common practice; the cooker's manual goes first. */
  const lessons = $derived<Partial<Record<Phase, Lesson>>>({
    seal: {
      name: 'Close it',
      sees: 'The ring lies flat all round, the pin moves freely, the valve is clean.',
      does: `Pour in water, ${water} at least. Turn the lid until it locks, the valve to sealing. Key in high pressure, 2 minutes. Then tap “Lid is on”.`,
    },
    'come-up': {
      name: 'Time to pressure',
      sees: 'For minutes nothing; then a hiss and a little steam at the pin, while it drives the air out. With a click the pin rises and the hissing stops. The displayed minutes begin only now.',
      does: 'Tap “Timer started” when the display begins to count. Steam that goes on and on while the pin does not rise: the valve is open or the ring is not seated.',
    },
    hold: {
      name: 'Under pressure',
      sees: 'Silence, now and then a tick. The lid is locked by the pin.',
      does: 'Nothing. Never force the lid. Tap “It beeps” when it does.',
    },
    release: {
      name: 'Natural release',
      sees: 'The heat is off and the pressure falls by itself, without a sound. What foams, and large pieces of meat, are left to do this.',
      does: 'Leave it alone. If the pin drops before its time, the pressure is gone already.',
    },
    vent: {
      name: 'Quick release',
      sees: 'A loud, straight jet of steam for a minute or two; then it dies away and the pin drops with a click.',
      does: 'Not under a cupboard, face and bare hands away: turn the valve with the handle of a spoon. Tap when the pin has dropped.',
    },
    open: {
      name: 'Open it',
      sees: 'The pin has dropped, and the lid turns without force.',
      does: 'Tilt the lid away from you: what is under it is hot steam. Tap “Open”.',
    },
  });
  const current = $derived(
    fold.steps.find((s) => !isPast(s) && s.operation.phase !== 'rinse') ?? null,
  );
  const lesson = $derived(current ? lessons[current.operation.phase] : undefined);
  const up = $derived(fold.steps.find((s) => s.operation.phase === 'come-up' && s.isMeasured));
</script>

<section
  aria-labelledby="lesson"
  class="mt-3 card border-brine bg-brine-soft p-4 text-lg print:hidden"
>
  {#if lesson}
    <h2 id="lesson" class="text-xl font-bold">{lesson.name}</h2>
    <p><b>What you see and hear:</b> {lesson.sees}</p>
    <p><b>What you do:</b> {lesson.does}</p>
  {:else}
    <h2 id="lesson" class="text-xl font-bold">That was all of it</h2>
    {#if up}
      <p>
        It took {formatMinutes(Math.round((up.end - up.start) / MINUTE))} to come to pressure{evening.practice
          ? ' on the simulated clock'
          : ''}.
      </p>
    {/if}
    {#if evening.practice && cooker}
      <form method="POST" action="/cook?/water" class="mt-2">
        <input type="hidden" name="cooker" value={cooker.id} />
        <button class="btn min-h-14 btn-strong px-5" name="how" value="real"
          >Now with the real pot beside it</button
        >
      </form>
    {:else}
      <p>
        <a class="font-semibold underline" href="/kitchen">Measure it in Kitchen</a>, and plans
        reckon with your pot as it is.
      </p>
    {/if}
  {/if}
  <p class="text-base text-muted">What the cooker’s manual says goes first.</p>
</section>
