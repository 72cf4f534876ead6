<script lang="ts">
  /** The way to the search, in the rail and by its keys; the search itself is fetched when it is first wanted. */
  import Search from '@lucide/svelte/icons/search';
  import type FindComponent from './find.svelte';

  let { class: extra = '' }: { class?: string } = $props();

  let isOpen = $state(false);
  let Find = $state<typeof FindComponent | null>(null);
  async function open(): Promise<void> {
    Find ??= (await import('./find.svelte')).default;
    isOpen = true;
  }
  /** A letter typed into a field is that letter. */
  const isTyping = (target: EventTarget | null): boolean =>
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      target.matches('input, textarea, select, [role=spinbutton], [role=textbox]'));
  function onkeydown(event: KeyboardEvent): void {
    const isSlash = event.key === '/' && !event.ctrlKey && !event.metaKey && !event.altKey;
    const isK = event.key.toLowerCase() === 'k' && (event.ctrlKey || event.metaKey);
    if (!isK && !(isSlash && !isTyping(event.target))) return;
    event.preventDefault();
    void open();
  }
</script>

<svelte:window {onkeydown} />
<button
  type="button"
  class={extra}
  aria-haspopup="dialog"
  aria-keyshortcuts="/ Control+K"
  title="Find ( / or Ctrl+K )"
  onclick={() => void open()}
>
  <Search size={20} strokeWidth={1.8} aria-hidden="true" />Find
</button>
{#if Find}<Find bind:isOpen />{/if}
