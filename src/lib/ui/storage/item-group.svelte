<script lang="ts">
  /** Bags of one packing in one row, until somebody asks for each of them. */
  import { amountWords, packedWords, type StoreItem } from '$core/storage';
  import type { Snippet } from 'svelte';
  import { page } from '$app/state';
  import { conventionsOf } from '$lib/ui/controls';
  import { dueOf } from './due';

  interface Props {
    /** Two or more that are alike. */
    bags: readonly [StoreItem, ...StoreItem[]];
    /** `2026-11-28` */
    today: string;
    ontake: (bag: StoreItem) => void;
    each: Snippet<[StoreItem]>;
  }
  let { bags, today, ontake, each }: Props = $props();
  let isOpen = $state(false);
  const first = $derived(bags[0]);
  const due = $derived(dueOf(first, today));
</script>

<li class="border-t border-line py-2.5 first:border-0">
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
    <span class="min-w-48 flex-1"
      ><b>{first.name}</b>
      <span class="block text-[15px]"
        ><span class={due.look}>{due.text}</span>
        <span class="text-muted">· {packedWords(first, today)}</span></span
      ></span
    >
    <b class="tabular-nums">{bags.length} × {amountWords(first, conventionsOf(page.data).system)}</b
    >
    <span class="flex flex-wrap gap-1">
      <button type="button" class="btn" onclick={() => ontake(first)}
        >Take a bag<span class="sr-only"> of {first.name}</span></button
      >
      <button
        type="button"
        class="btn btn-quiet"
        aria-expanded={isOpen}
        onclick={() => (isOpen = !isOpen)}
        >{isOpen ? 'Fold' : `All ${bags.length}`}<span class="sr-only">
          of {first.name}</span
        ></button
      >
    </span>
  </div>
  {#if isOpen}
    <ul class="mt-2 ml-3 border-l-2 border-line pl-3">
      {#each bags as bag (bag.id)}{@render each(bag)}{/each}
    </ul>
  {/if}
</li>
