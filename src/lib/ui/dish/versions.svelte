<script lang="ts">
  /** What the dish was before each change, and the way back to it. */
  import type { Dish } from '$core/dish';
  import { formatDay, formatTime, type ClockStyle } from '$core/units';
  import { writeDish } from '$lib/client/write-dish';

  interface Props {
    dish: Dish;
    versions: readonly {
      id: number;
      replacedAt: number;
      why: string;
      dish: Dish;
      changes: readonly string[];
    }[];
    style: ClockStyle;
  }
  let { dish, versions, style }: Props = $props();
  const SHOWN = 4;
  let isWhole = $state(false);
</script>

{#if versions.length > 0}
  <section aria-labelledby="versions" class="print:hidden">
    <h2 id="versions" class="mb-2 text-xl font-bold">What changed, and why</h2>
    <ol class="grid gap-3">
      {#each isWhole ? versions : versions.slice(0, SHOWN) as version (version.id)}
        <li class="border-l-4 border-line-strong pl-3">
          <p class="flex flex-wrap items-baseline justify-between gap-x-3">
            <b>{formatDay(version.replacedAt, style)}, {formatTime(version.replacedAt, style)}</b>
            <button
              type="button"
              class="min-h-8 text-[15px] font-semibold text-leaf-ink underline underline-offset-4"
              onclick={() =>
                void writeDish(
                  { ...$state.snapshot(version.dish) } as Dish,
                  'Gone back to the version before.',
                  $state.snapshot(dish) as Dish,
                )}>Go back to before</button
            >
          </p>
          {#if version.why}<p>{version.why}</p>{/if}
          {#each version.changes as change, index (index)}
            <p class="text-[15px] text-muted">{change}</p>
          {:else}
            <p class="text-[15px] text-muted">Nothing a cook would notice.</p>
          {/each}
        </li>
      {/each}
    </ol>
    {#if versions.length > SHOWN && !isWhole}
      <button type="button" class="mt-2 btn btn-quiet" onclick={() => (isWhole = true)}
        >All {versions.length} changes</button
      >
    {/if}
  </section>
{/if}
