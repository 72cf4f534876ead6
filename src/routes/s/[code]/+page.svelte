<script lang="ts">
  import { conventionsOf, DateField } from '$lib/ui/controls';
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import { amountWords, dishIdOf } from '$core/storage';
  import { formatDay } from '$core/units';
  import Field from '$lib/ui/fields/field.svelte';
  import { AskGroups } from '$lib/ui/dish';
  import Tape from '$lib/ui/storage/tape.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  const { item } = $derived(data);
  const isEmpty = $derived(item.portions === 0);
  const errors = $derived<Record<string, string>>(
    form && 'errors' in form ? (form.errors as Record<string, string>) : {},
  );
  const MOVE = { in: 'put in', out: 'taken out', moved: 'moved', thrown: 'thrown away' } as const;
  /** How many can be taken at one tap: one, two … and all. */
  const counts = $derived(
    [1, 2, 3, 4].filter((n) => n < item.portions).slice(0, item.portions > 4 ? 4 : 3),
  );
</script>

<svelte:head><title>{item.name} · Olive Clock</title></svelte:head>

<p class="text-muted"><a class="underline-offset-4 hover:underline" href="/freezer">Freezer</a></p>
<h1 class="text-3xl font-extrabold tracking-tight break-words">{item.name}</h1>
<p class="mt-1 mb-4 text-lg text-muted">
  {isEmpty
    ? 'All of it has been taken out.'
    : `${amountWords(item, conventionsOf(page.data).system)}, ${data.place}.`}
</p>

{#if form && 'problem' in form && form.problem}
  <p role="alert" class="mb-3 font-semibold text-pimento">{form.problem}</p>
{/if}
{#if form && 'taken' in form && form.taken}
  <form
    method="POST"
    action="?/putBack"
    use:enhance
    class="mb-3 flex items-center gap-3"
    role="status"
  >
    <span class="font-semibold text-leaf-ink">{form.taken} taken.</span>
    <button class="btn" name="portions" value={form.taken}>Undo</button>
  </form>
{/if}
{#if form && 'moved' in form && form.moved}
  <p role="status" class="mb-3 font-semibold text-leaf-ink">It is in {form.moved} now.</p>
{/if}

<div class="grid gap-8 lg:grid-cols-[minmax(0,36rem)_minmax(0,1fr)]">
  <div>
    {#if data.asks.length > 0}<div class="mb-4">
        <AskGroups foods={data.asks} action="?/remember" />
      </div>{/if}
    {#if !isEmpty}
      <form method="POST" action="?/take" use:enhance class="mb-3 flex flex-wrap gap-2">
        {#each counts as n (n)}
          <button class="btn min-h-12 {n === 1 ? 'btn-strong' : ''}" name="portions" value={n}
            >Take {n}</button
          >
        {/each}
        <button
          class="btn min-h-12 {counts.length === 0 ? 'btn-strong' : ''}"
          name="portions"
          value={item.portions}
          >{counts.length === 0 ? `Take ${item.portions}` : `Take all ${item.portions}`}</button
        >
      </form>
      <form
        method="POST"
        action="?/take"
        use:enhance
        class="mb-3 flex flex-wrap items-center gap-2"
      >
        <input type="hidden" name="what" value="thrown" />
        <input type="hidden" name="portions" value={item.portions} />
        <button class="btn min-h-12">Throw away</button>
        <label class="flex items-center gap-2"
          ><span class="text-muted">because</span><select name="note" class="field w-auto"
            ><option>past its day</option><option>spoiled</option><option>freezer burn</option
            ><option>nobody liked it</option><option>label unreadable</option></select
          ></label
        >
      </form>
      {#if data.places.length > 0}
        <form
          method="POST"
          action="?/move"
          use:enhance
          class="mb-5 flex flex-wrap items-center gap-2"
        >
          <button class="btn min-h-12">Move</button>
          <label class="flex min-w-0 items-center gap-2"
            ><span class="text-muted">to</span><select name="to" class="field w-auto min-w-0"
              >{#each data.places as place (place.id)}<option value={place.id}>{place.name}</option
                >{/each}</select
            ></label
          >
        </form>
      {/if}
    {/if}
    <Tape {item} origin={page.url.origin} />
    <p class="mt-4 flex flex-wrap gap-2">
      <a class="btn" href="/freezer/labels?codes={item.code}">Print this label</a>
      {#if dishIdOf(item.contents)}<a class="btn" href="/dishes/{dishIdOf(item.contents)}"
          >The dish</a
        >{/if}
    </p>
  </div>
  <div class="grid h-fit gap-6">
    <section aria-labelledby="how-long">
      <h2 id="how-long" class="mb-1 text-xl font-bold">How long it keeps</h2>
      <ul class="list-disc pl-5 text-[15px] text-muted">
        {#each data.keeping as line, index (index)}<li>{line}</li>{/each}
      </ul>
    </section>
    <section aria-labelledby="history">
      <h2 id="history" class="mb-1 text-xl font-bold">What happened to it</h2>
      <ul class="text-[15px]">
        {#each data.moves as move, i (i)}
          <li class="py-0.5">
            {formatDay(move.at, data.kitchen)}: {move.portions}
            {MOVE[move.what]}{move.note ? ` (${move.note})` : ''}
          </li>
        {:else}
          <li class="text-muted">Nothing has happened yet.</li>
        {/each}
      </ul>
    </section>
    <details open={Object.keys(errors).length > 0}>
      <summary class="min-h-11 cursor-pointer content-center font-bold">Correct it</summary>
      <form method="POST" action="?/correct" use:enhance novalidate class="grid max-w-sm gap-3">
        <input type="hidden" name="was" value={item.portions} />
        <Field name="name" label="Name" value={item.name} error={errors.name} />
        <div class="flex flex-wrap gap-3 *:first:flex-[1_1_6rem] *:last:flex-[2_1_13rem]">
          <Field
            name="portions"
            label={item.contents.kind === 'pack' ? 'Packs' : 'Portions'}
            type="number"
            value={String(item.portions)}
            error={errors.portions}
          />
          <DateField
            name="useBy"
            label={item.why === 'safety' ? 'Use by' : 'Best by'}
            value={item.useBy}
            error={errors.useBy}
          />
        </div>
        <button class="btn w-fit btn-strong">Keep it so</button>
      </form>
    </details>
  </div>
</div>
