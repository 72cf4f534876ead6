<script lang="ts">
  /** What the plan had to stop for: before an evening starts, and for as long as it goes on. */
  import type { Finding } from '$core/reason';
  import { sayFinding, type Conventions } from '$core/words';

  let { notes, by }: { notes: readonly Finding[]; by: Conventions } = $props();
</script>

{#if notes.length > 0}
  <div role="alert" class="w-full banner banner-stop" data-testid="stops">
    {#each notes as note, i (i)}
      {@const { text, remedy } = sayFinding(note, by)}
      <p><b>Stop.</b> {text}</p>
      {#if remedy}<p class="mb-1 text-[15px]">{remedy}</p>{/if}
    {/each}
  </div>
{/if}
