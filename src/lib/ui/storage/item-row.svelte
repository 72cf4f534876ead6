<script lang="ts">
  /** One bag, box or pack: how many, until when, and what can be done with it. */
  import type { Place } from '$core/kitchen';
  import { page } from '$app/state';
  import { amountWords, packedWords, placeOfItem, type StoreItem } from '$core/storage';
  import { conventionsOf, Menu } from '$lib/ui/controls';
  import { dueOf } from './due';

  interface Props {
    item: StoreItem;
    places: readonly Place[];
    /** `2026-11-28` */
    today: string;
    ontake: (portions: number, what: 'out' | 'thrown', note?: string) => void;
    onmove: (to: string) => void;
  }
  let { item, places, today, ontake, onmove }: Props = $props();

  const REASONS = [
    'past its day',
    'spoiled',
    'freezer burn',
    'nobody liked it',
    'label unreadable',
  ];
  let isThrowing = $state(false);
  const own = $derived(placeOfItem(item, places));
  const spot = $derived(
    own?.id === places.find((p) => p.kind === item.place)?.id ? '' : (own?.name ?? ''),
  );
  const due = $derived(dueOf(item, today));
  const amount = $derived(amountWords(item, conventionsOf(page.data).system));
</script>

<li
  class="flex flex-wrap items-center justify-end gap-x-4 gap-y-1 border-t border-line py-2.5 first:border-0"
>
  <span class="flex-[1_1_14rem] max-sm:basis-full"
    ><a class="font-bold underline-offset-4 hover:underline" href="/s/{item.code}">{item.name}</a>
    <span class="text-[15px] text-muted">{item.code}</span>
    <span class="block text-[15px]"
      ><span class={due.look}>{due.text}</span>
      <span class="text-muted">· {packedWords(item, today)}{spot ? ` · ${spot}` : ''}</span></span
    ></span
  >
  <b class="tabular-nums max-sm:mr-auto">{amount}</b>
  <span class="flex gap-1">
    <button type="button" class="btn" onclick={() => ontake(Math.min(1, item.portions), 'out')}
      >Take {Math.min(1, item.portions)}<span class="sr-only"> of {item.name}</span></button
    >
    <Menu label="More" about={item.name}>
      <button type="button" class="menu-item" onclick={() => ontake(item.portions, 'out')}
        >Take all of it</button
      >
      {#each places.filter((p) => p.id !== own?.id) as other (other.id)}
        <button type="button" class="menu-item" onclick={() => onmove(other.id)}
          >Move to: {other.name}</button
        >
      {/each}
      <a class="menu-item" href="/s/{item.code}">Its page and label</a>
      <button type="button" class="menu-item" onclick={() => (isThrowing = true)}
        >Throw away…</button
      >
    </Menu>
  </span>
  {#if isThrowing}
    <span class="flex w-full flex-wrap items-center gap-1.5 pb-1" role="group"
      ><span class="text-[15px] text-muted">All of it, because it is</span>
      {#each REASONS as reason, index (index)}<button
          type="button"
          class="btn min-h-9 px-2.5 text-[15px]"
          onclick={() => {
            isThrowing = false;
            ontake(item.portions, 'thrown', reason);
          }}>{reason}</button
        >{/each}
      <button
        type="button"
        class="btn min-h-9 btn-quiet px-2.5"
        onclick={() => (isThrowing = false)}>Keep it</button
      >
    </span>
  {/if}
</li>
