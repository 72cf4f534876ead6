<script lang="ts">
  /** What is in the house, roughly, and what of it should be used soon. */
  import { DateField } from '$lib/ui/controls';
  import { enhance } from '$app/forms';
  import type { LarderItem } from '$core/lists';
  import { formatQuantity, labelDay, type System } from '$core/units';

  interface Props {
    larder: readonly LarderItem[];
    useUp: readonly {
      food: string;
      amount: string;
      days: number;
      dishes: readonly { id: string; name: string; takes: string }[];
      ways: readonly { kind: string; name: string; bags: number }[];
    }[];
    dueBags: readonly {
      code: string;
      name: string;
      place: string;
      portions: number;
      days: number;
    }[];
    system: System;
    form: { line?: string; problem?: string; useUpProblem?: string } | null;
  }
  let { larder, useUp, dueBags, system, form }: Props = $props();
  /** So many dishes are shown at first: what takes most of it. */
  const SHOWN = 4;
  let open = $state<Record<string, boolean>>({});
  const when = (days: number): string =>
    days < 0
      ? `${-days} d past its day`
      : days === 0
        ? 'today'
        : days === 1
          ? 'tomorrow'
          : `in ${days} days`;
</script>

<div class="grid gap-6 lg:grid-cols-2">
  <section aria-labelledby="house">
    <h2 id="house" class="mb-2 text-xl font-bold">In the house</h2>
    <form method="POST" action="?/have" use:enhance class="flex flex-wrap items-end gap-2">
      <label class="label min-w-48 flex-1"
        >As a line: 500 g yogurt, or just salt
        <input
          name="line"
          class="mt-1 field text-ink"
          value={form?.line ?? ''}
          aria-invalid={!!form?.problem}
        /></label
      >
      <DateField label="Use by" name="useBy" />
      <button class="btn">Add</button>
    </form>
    {#if form?.problem}<p class="mt-1 text-sm font-semibold text-pimento">{form.problem}</p>{/if}
    <ul class="mt-3 card px-3 py-1">
      {#each larder as item, index (index)}
        <li class="flex items-center justify-between gap-3 border-t border-line first:border-0">
          <span
            ><b
              >{item.amount === null
                ? 'enough'
                : formatQuantity({ amount: item.amount, unit: item.unit ?? 'piece' }, system)}</b
            >
            {item.food}{#if item.useBy}<span class="text-muted"
                >, by {labelDay(item.useBy, system)}</span
              >{/if}</span
          >
          <form method="POST" action="?/gone" use:enhance>
            <input type="hidden" name="food" value={item.food} />
            <button class="btn min-h-10 btn-quiet px-2"
              >Used up<span class="sr-only">: {item.food}</span></button
            >
          </form>
        </li>
      {:else}
        <li class="py-3 text-muted">
          Nothing here yet. A rough list is enough: what you have is left off the shopping list.
        </li>
      {/each}
    </ul>
  </section>
  <section aria-labelledby="use-up">
    <h2 id="use-up" class="mb-2 text-xl font-bold">Use up</h2>
    {#if form?.useUpProblem}<p class="mb-2 font-semibold text-pimento" role="alert">
        {form.useUpProblem}
      </p>{/if}
    <ul class="grid gap-3">
      {#each useUp as due (due.food)}
        <li class="banner {due.days <= 1 ? 'banner-stop' : 'banner-look'}">
          <p class="first-letter:uppercase"><b>{due.amount} {due.food}</b>, {when(due.days)}</p>
          <ul>
            {#each due.dishes.slice(0, open[due.food] ? undefined : SHOWN) as dish (dish.id)}
              <li class="flex flex-wrap items-center justify-between gap-x-3">
                <span class="text-[15px]"
                  ><a class="underline underline-offset-4" href="/dishes/{dish.id}">{dish.name}</a>
                  {dish.takes}</span
                >
                <form method="POST" action="?/planDish" use:enhance>
                  <input type="hidden" name="food" value={due.food} />
                  <input type="hidden" name="dish" value={dish.id} />
                  <button class="btn btn-quiet px-2"
                    >Plan it<span class="sr-only">: {dish.name}</span></button
                  >
                </form>
              </li>
            {:else}
              <li class="text-[15px]">None of your dishes uses it.</li>
            {/each}
            {#if due.dishes.length > SHOWN && !open[due.food]}
              <li>
                <button
                  type="button"
                  class="btn btn-quiet px-0"
                  onclick={() => (open[due.food] = true)}
                  >{due.dishes.length - SHOWN} more dishes use it</button
                >
              </li>
            {/if}
            {#each due.ways as way (way.kind)}
              <li class="flex flex-wrap items-center justify-between gap-x-3">
                <span class="text-[15px]"
                  >All of it: <b>{way.name}</b>, {way.bags}
                  {way.bags === 1 ? 'bag' : 'bags'} for the freezer</span
                >
                <form method="POST" action="?/planGlut" use:enhance>
                  <input type="hidden" name="food" value={due.food} />
                  <input type="hidden" name="kind" value={way.kind} />
                  <input type="hidden" name="bags" value={way.bags} />
                  <button class="btn btn-quiet px-2"
                    >Plan it<span class="sr-only">: {way.name}</span></button
                  >
                </form>
              </li>
            {/each}
          </ul>
        </li>
      {/each}
      {#each dueBags as bag (bag.code)}
        <li
          class="banner {bag.days <= 1 && bag.place === 'fridge' ? 'banner-stop' : 'banner-look'}"
        >
          <p><b>{bag.name}</b>, {when(bag.days)}</p>
          <p class="text-[15px]">
            {bag.portions}
            {bag.portions === 1 ? 'portion' : 'portions'} in the {bag.place},
            <a class="underline underline-offset-4" href="/s/{bag.code}">{bag.code}</a>
          </p>
        </li>
      {/each}
      {#if useUp.length + dueBags.length === 0}
        <li class="card border-dashed p-4 text-muted">
          Nothing is due within ten days. Give a food a date, and dishes that use it appear here.
        </li>
      {/if}
    </ul>
    <p class="mt-3">
      <a class="btn" href="/freezer/week">A week from stock</a>
    </p>
  </section>
</div>
