<script lang="ts">
  /** Would another pot help? Tried on the meals that there are, without buying it. */
  import type { Addition } from '$core/planner';
  import { sayTrial } from '$core/words';

  interface Props {
    meals: readonly { id: string; name: string }[];
  }
  let { meals }: Props = $props();

  const CHOICES: readonly { id: Addition; name: string; what: string }[] = [
    { id: 'small', name: 'A small pot', what: 'Another small pot' },
    { id: 'middle', name: 'A middle one', what: 'Another middle pot' },
    { id: 'large', name: 'A large one', what: 'Another large pot' },
    { id: 'rice-cooker', name: 'A rice cooker', what: 'A rice cooker' },
    { id: 'cook', name: 'A second cook', what: 'Another cook' },
  ];

  let chosen = $state<Addition | null>(null);
  let results = $state<{ id: string; name: string; changes: string[]; verdict: number }[]>([]);
  let trouble = $state('');
  let stop = $state<AbortController | null>(null);
  const what = $derived(CHOICES.find((c) => c.id === chosen)?.what ?? '');
  const isDone = $derived(chosen !== null && stop === null && results.length > 0);
  const said = $derived(
    sayTrial(
      what,
      results.map((r) => r.verdict),
    ),
  );

  async function tryWith(addition: Addition): Promise<void> {
    stop?.abort();
    const own = new AbortController();
    stop = own;
    chosen = addition;
    results = [];
    trouble = '';
    try {
      for (const { id, name } of meals) {
        const query = new URLSearchParams({ meal: id, with: addition });
        const response = await fetch(`/api/kitchen-trial?${query}`, { signal: own.signal });
        if (!response.ok) throw new Error(`the server answered ${response.status}`);
        const tried = (await response.json()) as { changes: string[]; verdict: number };
        results = [...results, { id, name, ...tried }];
      }
    } catch (error) {
      if (!own.signal.aborted)
        trouble = `It could not be tried (${error instanceof Error ? error.message : String(error)}). Try again.`;
    }
    if (stop === own) stop = null;
  }
</script>

<section aria-labelledby="trial" class="mt-6 max-w-3xl card p-5">
  <h2 id="trial" class="text-xl font-bold">Would another pot help?</h2>
  {#if meals.length === 0}
    <p class="mt-1 text-muted">
      It is tried on your own meals. <a class="underline" href="/meals?new">Plan one</a> first.
    </p>
  {:else}
    <p class="mt-1 text-muted">
      Tried on your last {meals.length === 1 ? 'meal' : `${meals.length} meals`}, planned anew with
      it and without. A dish that you gave a pot by hand stays in it.
    </p>
    <div class="mt-3 flex flex-wrap gap-2" role="group" aria-labelledby="trial">
      {#each CHOICES as { id, name } (id)}
        <button
          type="button"
          class="btn aria-pressed:border-strong aria-pressed:bg-strong aria-pressed:text-on-strong"
          aria-pressed={chosen === id}
          onclick={() => tryWith(id)}>{name}</button
        >
      {/each}
    </div>
    <div role="status" aria-live="polite" class="mt-3 min-h-6">
      {#if stop}
        {results.length} of {meals.length} planned …
        <button type="button" class="btn btn-quiet" onclick={() => stop?.abort()}>Stop</button>
      {:else if isDone}
        <b>{said}</b>
      {/if}
    </div>
    {#if trouble}<p class="mt-2 font-semibold text-pimento" role="alert">{trouble}</p>{/if}
    {#if results.length > 0}
      <ul class="mt-1">
        {#each results as { id, name, changes } (id)}
          <li class="grid gap-x-4 border-t border-line py-2 sm:grid-cols-[14rem_1fr]">
            <a class="min-w-0 truncate font-semibold hover:underline" href="/meals/{id}">{name}</a>
            <span class={changes.length === 0 ? 'text-muted' : ''}
              >{changes.length === 0 ? 'as before' : changes.join('; ')}</span
            >
          </li>
        {/each}
      </ul>
    {/if}
  {/if}
</section>
