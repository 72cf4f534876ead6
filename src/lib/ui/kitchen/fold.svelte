<script lang="ts">
  /** A part of the kitchen that is read first: its facts in a line, and its fields where somebody wants to change them. */
  import type { Snippet } from 'svelte';

  interface Props {
    id: string;
    title: string;
    /** What is true of it, in short. */
    said: string;
    /** Something in it is wrong: it opens. */
    isWrong?: boolean;
    /** It is new, and nobody has filled it in yet. */
    isNew?: boolean;
    /** Shown whether it is open or not. */
    picture?: Snippet;
    children: Snippet;
    level?: 2 | 3;
    class?: string;
  }
  let {
    id,
    title,
    said,
    isWrong = false,
    isNew = false,
    picture,
    children,
    level = 2,
    class: extra = '',
  }: Props = $props();

  let wanted = $state<boolean | null>(null);
  const isOpen = $derived(isWrong || (wanted ?? isNew));
</script>

<section aria-labelledby={id} class="grid h-fit content-start gap-3 card p-5 {extra}">
  <div class="flex items-start justify-between gap-3">
    <svelte:element this={level === 2 ? 'h2' : 'h3'} {id} class="min-w-0 pt-1.5 text-xl font-bold"
      >{title}</svelte:element
    >
    <button
      type="button"
      class="-mr-2 btn btn-quiet px-3"
      aria-expanded={isOpen}
      disabled={isWrong}
      onclick={() => (wanted = !isOpen)}
      >{isOpen ? 'Fold' : 'Edit'}<span class="sr-only"> {title}</span></button
    >
  </div>
  {@render picture?.()}
  {#if isOpen}{@render children()}{:else}<p class="text-muted">{said}</p>{/if}
</section>
