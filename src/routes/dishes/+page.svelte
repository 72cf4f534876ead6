<script lang="ts">
  import { FindField, Pager } from '$lib/ui/controls';
  import { StageStrip } from '$lib/ui/dish';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Dishes · Olive Clock</title></svelte:head>

<div class="flex flex-wrap items-end justify-between gap-4">
  <div>
    <h1 class="text-4xl font-extrabold tracking-tight">Dishes</h1>
    <p class="mt-1 text-muted">
      {data.shelf.all} of your own, as you cook them.
      {data.find
        ? `${data.shelf.found} with “${data.find}” in ${data.shelf.found === 1 ? 'it' : 'them'}.`
        : ''}
    </p>
  </div>
  <div class="flex w-full flex-wrap items-end gap-3 sm:w-auto">
    {#if data.shelf.all > 0}<FindField label="Find by name or by what is in it" />{/if}
    <a href="/dishes/new" class="btn btn-strong">Add a recipe</a>
  </div>
</div>

<ul class="mt-6 grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
  {#each data.shelf.items as dish (dish.id)}
    <li>
      <a
        href="/dishes/{dish.id}"
        class="flex h-full flex-col overflow-hidden card p-5 hover:border-olive"
      >
        {#if data.photos[dish.id] !== undefined}<img
            src="/dishes/{dish.id}/photo?at={data.photos[dish.id]}"
            alt=""
            loading="lazy"
            class="-mx-5 -mt-5 mb-4 aspect-[16/9] w-[calc(100%+2.5rem)] max-w-none object-cover"
          />{/if}
        <span class="font-head text-xl leading-tight font-bold">{dish.name}</span>
        <span class="mt-1 flex-1 text-muted">{dish.summary}</span>
        <StageStrip {dish} />
        <span class="mt-2 text-sm text-muted"
          >for {dish.servings} · {dish.ingredients.length} ingredients</span
        >
      </a>
    </li>
  {:else}
    <li class="card border-dashed p-6">
      {#if data.shelf.all === 0}
        <p class="text-lg font-semibold">No dishes yet.</p>
        <p class="text-muted">
          <a class="underline" href="/dishes/new">Paste a recipe</a>, or open a household file in
          <a class="underline" href="/kitchen">Kitchen</a>.
        </p>
      {:else}
        <p>No dish has “{data.find}” in it.</p>
      {/if}
    </li>
  {/each}
</ul>

<Pager shelf={data.shelf} about="dishes" />
