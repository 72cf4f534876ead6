<script lang="ts">
  /** One of the things a household needs before its first plan: open until it is there, then one line. */
  import Check from '@lucide/svelte/icons/check';
  import type { Snippet } from 'svelte';

  interface Props {
    id: string;
    number: number;
    title: string;
    isDone: boolean;
    /** What is there, once it is. */
    said: string;
    children: Snippet;
    /** What can still be done once it is there. */
    more?: Snippet;
  }
  let { id, number, title, isDone, said, children, more }: Props = $props();
</script>

<li class="card p-5 {isDone ? '' : 'border-line-strong'}" data-step={id} data-done={isDone}>
  <div class="flex items-start gap-3">
    <span
      class="flex size-9 flex-none items-center justify-center rounded-full font-head text-lg font-bold {isDone
        ? 'bg-olive text-on-olive'
        : 'bg-leaf-soft text-leaf-ink'}"
      aria-hidden="true"
      >{#if isDone}<Check size={20} strokeWidth={3} />{:else}{number}{/if}</span
    >
    <div class="min-w-0 flex-1 pt-1">
      <h2 id="step-{id}" class="text-xl font-bold">{title}</h2>
      {#if isDone}<p class="mt-1 text-muted">{said}</p>{/if}
    </div>
  </div>
  {#if !isDone}<div class="mt-4">{@render children()}</div>
  {:else if more}<div class="mt-3">{@render more()}</div>{/if}
</li>
