<script lang="ts">
  /** Sentences with the labels under which the timeline shows what they speak of. */
  import type { TimelineMark } from '$lib/ui/timeline';

  let { marks }: { marks: readonly TimelineMark[] } = $props();
</script>

<ol class="grid gap-1.5">
  {#each marks as mark, i (i)}
    <li class="flex gap-2.5">
      <span
        class="mt-0.5 flex size-5 shrink-0 items-center justify-center rounded-full bg-pimento text-[12px] leading-none font-bold text-on-pimento"
        aria-hidden="true">{mark.label}</span
      >
      <span class="min-w-0 wrap-anywhere">{mark.text}</span>
    </li>
  {/each}
</ol>
