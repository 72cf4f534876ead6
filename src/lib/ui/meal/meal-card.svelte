<script lang="ts">
  /** A meal on the board: when it is, when to begin, and the shape of its plan. */
  import Flame from '@lucide/svelte/icons/flame';
  import ListChecks from '@lucide/svelte/icons/list-checks';
  import { formatDay, formatMinutes, formatTime } from '$core/units';
  import type { PlanSketch as Sketch } from '$core/plan';
  import PlanSketch from './plan-sketch.svelte';

  interface Props {
    meal: {
      id: string;
      name: string;
      serveAt: string;
      zone: string;
      servings: number;
      batch: boolean;
      dishes: string[];
      firstStart: number | null;
      handsOn: number | null;
      sketch: Sketch | null;
    };
    hours: 12 | 24;
    /** The next one, within a day: larger, with what can be done now. */
    isNext: boolean;
  }
  let { meal, hours, isNext }: Props = $props();

  const at = $derived(Date.parse(meal.serveAt));
  const style = $derived({ zone: meal.zone, hours });
  const start = $derived(
    meal.firstStart === null ? null : formatTime(at + meal.firstStart * 60_000, style),
  );
  const href = $derived(`/meals/${encodeURIComponent(meal.id)}`);
</script>

<article
  class="relative grid content-start gap-3 card p-5 hover:border-olive {isNext
    ? 'border-line-strong md:col-span-2 md:p-6'
    : ''}"
>
  <div class="flex flex-wrap items-start justify-between gap-x-6 gap-y-1">
    <div class="min-w-0">
      <h3 class="font-bold {isNext ? 'text-3xl' : 'text-2xl'}">
        <!-- The whole card is the link; what is done with it lies above. -->
        <a {href} class="after:absolute after:inset-0 after:rounded-[inherit]">{meal.name}</a>
      </h3>
      <p class="text-muted">
        {formatDay(at, style)} · {meal.batch
          ? 'a batch day'
          : meal.servings === 1
            ? '1 person'
            : `${meal.servings} people`}
      </p>
    </div>
    <p class="font-head font-bold {isNext ? 'text-3xl' : 'text-2xl'} leading-none">
      <span class="text-base font-normal text-muted">{meal.batch ? 'packed' : 'table'}</span>
      {formatTime(at, style)}
    </p>
  </div>
  {#if meal.sketch && start}
    <div>
      <PlanSketch sketch={meal.sketch} lane={isNext ? 26 : 13} />
      <p class="mt-1 text-[15px] text-muted">
        Start at <b class="text-ink">{start}</b>{meal.handsOn === null
          ? ''
          : ` · ${formatMinutes(meal.handsOn)} of work`}
      </p>
    </div>
  {:else}<p class="text-muted">
      {meal.dishes.length === 0
        ? 'No dish yet.'
        : start
          ? `Start at ${start}`
          : 'Not planned yet: open it.'}
    </p>{/if}
  {#if meal.dishes.length > 0}<p class={isNext ? 'text-lg' : ''}>{meal.dishes.join(' · ')}</p>{/if}
  {#if isNext && meal.sketch}
    <div class="relative z-10 flex w-fit flex-wrap gap-2">
      <form method="POST" action="/cook?/start" class="contents">
        <input type="hidden" name="meal" value={meal.id} />
        <button class="btn btn-strong"
          ><Flame size={18} aria-hidden="true" />Start cooking<span class="sr-only">
            {meal.name}</span
          ></button
        >
      </form>
      <a class="btn" href="/lists?meals={encodeURIComponent(meal.id)}"
        ><ListChecks size={18} aria-hidden="true" />Lists</a
      >
    </div>
  {/if}
</article>
