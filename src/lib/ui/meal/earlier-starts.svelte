<script lang="ts">
  /** What an earlier start buys: starts of the plan that is shown, with how often each is ready in time. */
  import { formatMinutes, formatTime, sayChance } from '$core/units';
  import type { EarlierStart } from '../../../core/planner';
  import type { MealState } from './meal-state.svelte';

  let { model, serveAt }: { model: MealState; serveAt: number } = $props();

  let isOpen = $state(false);
  const asked = $derived(isOpen && model.meal && !model.isThinking ? model.earlier() : null);
  const clock = (minute: number): string => formatTime(serveAt + minute * 60_000, model.kitchen);

  /** Of rows that say the same only one is kept: the one that can be planned. */
  const apart = (starts: EarlierStart[]): EarlierStart[] =>
    starts.filter(
      (row, i) =>
        row.sure !== null ||
        ![starts[i - 1], starts[i + 1]].some(
          (other) => other && sayChance(other.chance) === sayChance(row.chance),
        ),
    );

  /** What a row buys against the one before it. */
  function buys({ start, chance }: EarlierStart, before: EarlierStart | undefined): string {
    if (!before) return 'as late as it can be';
    const evenings = Math.round((chance - before.chance) * 20);
    const sooner = `${formatMinutes(before.start - start)} earlier`;
    return evenings < 1
      ? `${sooner}, hardly any more`
      : `${sooner}: ${evenings} more evening${evenings === 1 ? '' : 's'} in 20`;
  }
</script>

<div class="mt-2" data-testid="earlier">
  <button
    type="button"
    class="font-semibold text-leaf-ink underline-offset-4 hover:underline"
    aria-expanded={isOpen}
    onclick={() => (isOpen = !isOpen)}>What an earlier start buys</button
  >
  {#if isOpen}
    <div class="mt-2 max-w-[60ch] card p-4">
      {#await asked}
        <p class="text-muted">Playing evenings…</p>
      {:then starts}
        {#if !starts}
          <p class="text-muted">Playing evenings…</p>
        {:else if starts.length === 0}
          <p class="text-muted">No start makes it ready in time.</p>
        {:else}
          {@const rows = apart(starts)}
          <ol class="grid gap-3">
            {#each rows as row, i (row.start)}
              {@const isNow = row.sure === model.meal.sure}
              <li
                class="grid grid-cols-[4rem_minmax(0,1fr)] items-center gap-x-3 sm:grid-cols-[4.5rem_minmax(0,1fr)_7rem]"
              >
                <b class="font-head text-lg tabular-nums">{clock(row.start)}</b>
                <div>
                  <div class="h-2 rounded-full bg-line" aria-hidden="true">
                    <div
                      class="h-2 rounded-full {isNow ? 'bg-olive' : 'bg-leaf'}"
                      style:width="{Math.round(row.chance * 100)}%"
                    ></div>
                  </div>
                  <p class="mt-1 text-[15px]">
                    {sayChance(row.chance)}
                    <span class="text-muted">· {buys(row, rows[i - 1])}</span>
                  </p>
                </div>
                {#if isNow}
                  <span class="text-sm font-semibold text-muted max-sm:col-start-2 sm:text-right"
                    >as planned</span
                  >
                {:else if row.sure}
                  {@const { sure } = row}
                  <button
                    type="button"
                    class="btn btn-quiet max-sm:col-start-2 max-sm:-ml-4 max-sm:justify-self-start sm:justify-self-end"
                    onclick={() => model.change((m) => ({ ...m, sure }))}>Plan it so</button
                  >
                {/if}
              </li>
            {/each}
          </ol>
        {/if}
      {/await}
    </div>
  {/if}
</div>
