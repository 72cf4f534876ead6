<script lang="ts">
  /** That the wanted time can't be met, what takes so long, and the hour that can. */
  import type { Kitchen } from '$core/kitchen';
  import { formatMinutes, formatTime } from '$core/units';
  import type { TimelineMark } from '$lib/ui/timeline';
  import MarkList from './mark-list.svelte';

  interface Props {
    /** ms since the epoch. */
    serveAt: number;
    /** Minutes. */
    delay: number;
    kitchen: Kitchen;
    /** What follows each other without a break, as the timeline shows it. */
    chain: readonly TimelineMark[];
    onlater: () => void;
  }
  let { serveAt, delay, kitchen, chain, onlater }: Props = $props();
  const soonest = $derived(formatTime(serveAt + delay * 60_000, kitchen));
</script>

<div class="mt-3 banner banner-stop">
  <div class="flex flex-wrap items-center justify-between gap-3">
    <p role="status">
      <b>{formatTime(serveAt, kitchen)} can’t be met.</b> With these cookers and cooks, the earliest
      everything can be ready together is {soonest}, {formatMinutes(delay)} later.
    </p>
    <button class="btn" onclick={onlater}>Serve at {soonest}</button>
  </div>
  {#if chain.length > 0}
    <p class="mt-2 mb-1.5">What takes the time, one after another:</p>
    <MarkList marks={chain} />
  {/if}
</div>
