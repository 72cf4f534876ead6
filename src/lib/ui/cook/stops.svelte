<script lang="ts">
  /** What the plan had to stop for: before an evening starts, and for as long as it goes on. */
  import type { Finding } from '$core/reason';

  let { notes }: { notes: readonly Finding[] } = $props();
</script>

{#if notes.length > 0}
  <div
    role="alert"
    class="w-full rounded-lg border-l-4 border-pimento bg-pimento-soft px-4 py-3"
    data-testid="stops"
  >
    {#each notes as note, i (i)}
      <p><b>Stop.</b> {note.text}</p>
      {#if note.remedy}<p class="mb-1 text-[15px]">{note.remedy}</p>{/if}
    {/each}
  </div>
{/if}
