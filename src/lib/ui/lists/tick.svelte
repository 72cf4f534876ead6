<script lang="ts">
  /** One line of a list that is ticked off with a thumb. */
  import type { Snippet } from 'svelte';

  interface Props {
    isDone: boolean;
    ontoggle: () => void;
    children: Snippet;
  }
  let { isDone, ontoggle, children }: Props = $props();
</script>

<label
  class="flex min-h-12 cursor-pointer items-center gap-3 rounded-lg px-2 hover:bg-leaf-soft {isDone
    ? 'text-muted line-through'
    : ''}"
>
  <input
    type="checkbox"
    class="size-6 flex-none accent-olive"
    checked={isDone}
    onchange={ontoggle}
  />
  <span class="min-w-0 flex-1">{@render children()}</span>
</label>
