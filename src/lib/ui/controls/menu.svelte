<script lang="ts">
  /** What is wanted now and then, behind one button: opens beside it, closes by Escape, a tap beside it or a choice. */
  import Ellipsis from '@lucide/svelte/icons/ellipsis';
  import type { Snippet } from 'svelte';

  interface Props {
    /** The button's name, and what it is about. */
    label: string;
    about: string;
    children: Snippet;
  }
  let { label, about, children }: Props = $props();

  const id = $props.id();
  let panel = $state<HTMLElement>();

  function onclick(event: MouseEvent): void {
    const chosen = (event.target as HTMLElement).closest('a, button');
    // A form that is sent takes the page with it.
    if (chosen && chosen.getAttribute('type') !== 'submit') panel?.hidePopover();
  }
</script>

<button
  type="button"
  class="btn min-w-11 px-2.5 print:hidden"
  popovertarget={id}
  title="{label}: {about}"
  aria-label="{label}: {about}"
>
  <Ellipsis size={20} aria-hidden="true" />
</button>
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions (a key on an item is its click) -->
<div bind:this={panel} {id} popover class="menu" {onclick}>
  {@render children()}
</div>
