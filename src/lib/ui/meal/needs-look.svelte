<script lang="ts">
  import type { Edit, Finding } from '$core/reason';
  import type { Conventions } from '$core/words';
  import FindingItem from './finding-item.svelte';

  interface Props {
    notes: readonly Finding[];
    by: Conventions;
    onedit: (edit: Edit) => void;
  }
  let { notes, by, onedit }: Props = $props();
</script>

<section aria-labelledby="needs-look">
  <h2 id="needs-look" class="mb-3 text-xl font-bold">Needs a look</h2>
  <ul class="grid gap-3">
    {#each notes as note, index (index)}<FindingItem {note} {by} {onedit} />{/each}
  </ul>
</section>
