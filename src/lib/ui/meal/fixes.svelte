<script lang="ts">
  /** Ways to fix it of a late, overfull or impossible meal: each tried by the engine, applied at one click. */
  import { toast } from 'svelte-sonner';
  import { HARD_MIN } from '$core/review';
  import { formatMinutes, formatTime, sayChance } from '$core/units';
  import { type Outlook, WORTH } from '../../../core/planner';
  import type { MealState } from './meal-state.svelte';

  let { model, serveAt }: { model: MealState; serveAt: number } = $props();

  let isCompared = $state(false);
  const tried = $derived(model.meal ? model.waysOut() : null);
  const clock = (minute: number): string => formatTime(serveAt + minute * 60_000, model.kitchen);

  const evenings = (o: Outlook): string => (o.delay > 0 ? 'late' : sayChance(o.chance));
  const isSurer = (after: Outlook, before: Outlook): boolean =>
    after.chance >= before.chance + WORTH.chance;

  /** What a way gains against the meal as it stands, in words. */
  function gains(after: Outlook, before: Outlook | null): string {
    const parts = [
      ...(before && before.stops > 0 && after.stops === 0 ? ['everything fits'] : []),
      ...(after.stops > 0 ? [`${after.stops} still over the line`] : []),
      ...(before === null
        ? [after.delay > 0 ? `ready at ${clock(after.delay)}` : 'ready on time']
        : after.delay < before.delay
          ? [after.delay === 0 ? 'on time' : `${formatMinutes(before.delay - after.delay)} sooner`]
          : []),
      ...(before && after.delay === 0 && before.delay === 0 && isSurer(after, before)
        ? [`ready on time in ${evenings(after)} evenings, not ${evenings(before)}`]
        : []),
      ...(before &&
      before.longestWork >= HARD_MIN &&
      after.longestWork <= before.longestWork - WORTH.workMin
        ? [`at most ${formatMinutes(after.longestWork)} of work without a rest`]
        : []),
      ...(before && after.start >= before.start + WORTH.startMin
        ? [`start ${formatMinutes(after.start - before.start)} later`]
        : []),
      ...(before && after.longestGap >= before.longestGap + WORTH.gapMin
        ? [`${formatMinutes(after.longestGap)} free in one piece`]
        : []),
    ];
    return parts.join(', ');
  }
  const longestWait = (o: Outlook): string => {
    const most = Math.max(0, ...Object.values(o.waits));
    return most === 0 ? 'none' : formatMinutes(most);
  };
</script>

<section aria-labelledby="ways" class="mt-5 card p-5" data-testid="ways-out">
  {#await tried}
    <h2 id="ways" class="text-xl font-bold">Ways to fix it</h2>
    <p class="text-muted">Trying them…</p>
  {:then result}
    <div class="flex flex-wrap items-baseline justify-between gap-3">
      <h2 id="ways" class="text-xl font-bold">Ways to fix it</h2>
      {#if result && result.ways.length > 0}
        <button
          type="button"
          class="btn btn-quiet"
          aria-pressed={isCompared}
          onclick={() => (isCompared = !isCompared)}
          >{isCompared ? 'As a list' : 'Side by side'}</button
        >
      {/if}
    </div>
    {#if !result}
      <p class="text-muted">Trying them…</p>
    {:else if result.ways.length === 0}
      <p class="mt-1 text-muted">
        None of these helps on its own: another cooker, a stack, another release, runs, smaller
        pieces, the day before, more hands, one dish less. Serve later, or leave out more than one
        dish.
      </p>
    {:else if isCompared}
      {@const columns = [
        ...(result.now ? [{ id: '', text: 'As it is', outlook: result.now }] : []),
        ...result.ways.slice(0, result.now ? 3 : 4),
      ]}
      <div class="mt-3 overflow-x-auto">
        <table class="w-full text-left">
          <thead>
            <tr>
              <td></td>
              {#each columns as column (column.id)}<th class="min-w-36 px-3 py-1 align-bottom"
                  >{column.text}</th
                >{/each}
            </tr>
          </thead>
          <tbody>
            {#each [['Start', (o: Outlook) => clock(o.start)], ['Ready', (o: Outlook) => clock(o.delay)], ['Hands-on', (o: Outlook) => formatMinutes(o.handsOn)], ['Longest free', (o: Outlook) => formatMinutes(o.longestGap)], ['Longest work', (o: Outlook) => formatMinutes(o.longestWork)], ['Kept warm longest', longestWait], ['Chance of being on time', evenings], ['Over the line', (o: Outlook) => (o.stops === 0 ? 'nothing' : String(o.stops))]] as const as [label, read] (label)}
              <tr class="border-t border-line">
                <th scope="row" class="py-1.5 pr-3 font-normal text-muted">{label}</th>
                {#each columns as column (column.id)}<td class="px-3 py-1.5 font-semibold"
                    >{read(column.outlook)}</td
                  >{/each}
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
    {:else}
      <p class="text-muted">
        Each one has been planned; one click applies it, and you can undo it.
      </p>
      <ul class="mt-3 grid gap-2 md:grid-cols-2">
        {#each result.ways as way (way.id)}
          <li class="flex items-center justify-between gap-3 rounded-lg bg-leaf-soft px-4 py-2.5">
            <span
              ><b>{way.text}</b><span class="block text-[15px]"
                >{gains(way.outlook, result.now)}</span
              ></span
            >
            <button
              type="button"
              class="btn flex-none"
              onclick={() => {
                model.change(() => way.meal);
                toast.success(`${way.text}.`, {
                  action: { label: 'Undo', onClick: () => model.undo() },
                });
              }}>Do it</button
            >
          </li>
        {/each}
      </ul>
    {/if}
  {:catch}
    <h2 id="ways" class="text-xl font-bold">Ways to fix it</h2>
    <p class="text-muted">Fixes can’t be tried in this browser. Serve later, or change a dish.</p>
  {/await}
</section>
