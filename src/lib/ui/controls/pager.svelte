<script lang="ts">
  import { page } from '$app/state';

  /** Which page of a long list is shown, with the way to the others. Nothing where there is one page only. */
  let {
    shelf,
    about,
  }: { shelf: { found: number; page: number; pages: number; size: number }; about: string } =
    $props();

  const first = $derived((shelf.page - 1) * shelf.size + 1);
  const last = $derived(Math.min(shelf.found, shelf.page * shelf.size));
  function to(wanted: number): string {
    const others = [...page.url.searchParams].filter(([name]) => name !== 'page');
    const own = wanted === 1 ? [] : [['page', String(wanted)]];
    return `?${new URLSearchParams([...others, ...own]).toString()}`;
  }
</script>

{#if shelf.pages > 1}
  <nav aria-label="Pages of {about}" class="mt-6 flex flex-wrap items-center gap-3">
    {#if shelf.page > 1}<a class="btn" rel="prev" href={to(shelf.page - 1)}>Previous</a>{/if}
    <span class="text-muted">{first} to {last} of {shelf.found}</span>
    {#if shelf.page < shelf.pages}<a class="btn" rel="next" href={to(shelf.page + 1)}>Next</a>{/if}
  </nav>
{/if}
