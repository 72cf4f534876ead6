<script lang="ts">
  /** An ingredient that is not there: which, and what goes in for it. */
  import { isPast, type LiveState } from '$core/run';

  interface Props {
    fold: LiveState;
    onmissing: (missing: { entry: string; what: string; instead: string }) => void;
  }
  let { fold, onmissing }: Props = $props();

  let instead = $state('');
  /** What has still to go in, by dish. */
  const amounts = $derived(
    fold.steps
      .filter((s) => !isPast(s))
      .flatMap(({ operation: o }) =>
        o.amounts.map((what) => ({ entry: o.entryId, dish: o.dishName, what })),
      )
      .filter((a) => !fold.without.some((w) => w.entry === a.entry && w.what === a.what)),
  );
</script>

{#if amounts.length === 0}
  <p>Everything that the plan names is in already.</p>
{:else}
  <label class="grid gap-1">
    <span>What goes in for it (empty where nothing does)</span>
    <input class="field min-h-14" maxlength="200" bind:value={instead} />
  </label>
  <p class="text-muted">
    If it is the liquid of a pressure pot, as much other thin liquid has to go in: with less than
    the cooker’s manual asks for it overheats. Where somebody has an allergy, look at what you put
    in.
  </p>
  <ul class="flex flex-wrap gap-2">
    {#each amounts as { entry, dish, what }, i (i)}
      <li>
        <button
          type="button"
          class="btn min-h-14 whitespace-normal"
          onclick={() => onmissing({ entry, what, instead: instead.trim() })}
          >No {what} <span class="font-normal text-muted">{dish}</span></button
        >
      </li>
    {/each}
  </ul>
{/if}
