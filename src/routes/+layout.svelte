<script lang="ts">
  import '../app.css';
  import { onMount } from 'svelte';
  import { ModeWatcher } from 'mode-watcher';
  import { Toaster } from 'svelte-sonner';
  import type { LayoutProps } from './$types';
  import { page } from '$app/state';
  import { announcer } from '$lib/client/announce.svelte';
  import Rail from '$lib/ui/shell/rail.svelte';

  let { children }: LayoutProps = $props();

  /** Nobody wanders off with wet hands: a live evening has its own way out. */
  const isCooking = $derived(page.route.id === '/cook/[id]');

  onMount(() => {
    // For measuring the first view: from here on the page answers.
    document.documentElement.dataset.ready = 'yes';
    performance.mark('ready');
  });
</script>

<ModeWatcher disableHeadScriptInjection disableTransitions={false} />
<a
  href="#main"
  class="sr-only fixed top-2 left-2 z-30 btn btn-strong focus:not-sr-only focus:absolute focus:px-4"
  >Skip to the page</a
>
<div class="flex min-h-dvh flex-col md:flex-row">
  {#if !isCooking}<Rail />{/if}
  <main
    id="main"
    tabindex="-1"
    class="min-w-0 flex-1 outline-none print:p-0 {isCooking
      ? 'px-3 pt-3 pb-40 md:px-6 lg:pb-10'
      : 'px-4 pt-5 pb-28 md:px-7 md:pb-10'}"
  >
    {@render children()}
  </main>
</div>
<p class="sr-only" aria-live="polite">{announcer.text}</p>
<Toaster position="bottom-center" />
