<script lang="ts">
  import { page } from '$app/state';

  /** What is looked for in a list that comes page by page: it goes into the address, and the server finds it. */
  let { label }: { label: string } = $props();

  /** So long after the last letter the list follows, ms. */
  const PAUSE_MS = 200;
  let form: HTMLFormElement | undefined = $state();
  let input: HTMLInputElement | undefined = $state();
  let later: ReturnType<typeof setTimeout> | undefined;
  const asked = $derived(page.url.searchParams.get('find') ?? '');
  /** What else the address says stays; the list begins with its first page again. */
  const kept = $derived(
    [...page.url.searchParams].filter(([name]) => name !== 'find' && name !== 'page'),
  );
  $effect(() => {
    // Back and forward, or a link: what stands there follows, but never under the cook’s fingers.
    if (input && document.activeElement !== input) input.value = asked;
  });
  function soon(): void {
    clearTimeout(later);
    later = setTimeout(() => form?.requestSubmit(), PAUSE_MS);
  }
</script>

<form
  bind:this={form}
  role="search"
  class="min-w-56 flex-1"
  data-sveltekit-keepfocus
  data-sveltekit-noscroll
  data-sveltekit-replacestate
>
  {#each kept as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
  <label class="label grid"
    >{label}<input
      bind:this={input}
      class="mt-1 field text-ink"
      type="search"
      name="find"
      value={asked}
      autocomplete="off"
      maxlength="200"
      oninput={soon}
    /></label
  >
</form>
