<script lang="ts">
  import ClipboardPaste from '@lucide/svelte/icons/clipboard-paste';
  import Plus from '@lucide/svelte/icons/plus';
  import { enhance } from '$app/forms';
  import { formatCapacity } from '$core/units';
  import KitchenStep from '$lib/ui/start/kitchen-step.svelte';
  import MealStep from '$lib/ui/start/meal-step.svelte';
  import Step from '$lib/ui/start/step.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  const hasCookers = $derived(data.kitchen.cookers.length > 0);
  const hasDishes = $derived(data.dishes.length > 0);
  const isEmpty = $derived(!hasCookers && !hasDishes && data.meal === null);
  const kitchenErrors = $derived<Record<string, string>>(
    form && 'kitchen' in form ? (form.kitchen ?? {}) : {},
  );
  const mealErrors = $derived<Record<string, string>>(
    form && 'meal' in form ? (form.meal ?? {}) : {},
  );
  const missing = $derived(
    !hasCookers && !hasDishes
      ? 'A cooker and a dish come first.'
      : !hasCookers
        ? 'A cooker comes first.'
        : !hasDishes
          ? 'A dish comes first.'
          : null,
  );
  const list = (names: readonly string[]): string =>
    names.length > 4
      ? `${names.slice(0, 4).join(', ')} and ${names.length - 4} more`
      : names.join(', ');
</script>

<svelte:head><title>Begin · Olive Clock</title></svelte:head>

<div class="mx-auto max-w-4xl">
  <h1 class="text-4xl font-extrabold tracking-tight">Your first plan</h1>
  <p class="mt-1 max-w-prose text-lg text-muted">
    What you cook with, what you cook, and when. Then it says what to do at which minute.
  </p>

  {#if isEmpty}
    <form
      method="POST"
      action="/?/play"
      use:enhance
      class="mt-3 flex flex-wrap items-center gap-x-3 gap-y-1"
    >
      <span><b>Only looking?</b> A made-up household has dishes, meals and evenings.</span>
      <button class="btn">Look around in it</button>
    </form>
  {/if}

  <ol class="mt-6 grid gap-4">
    <Step
      id="kitchen"
      number={1}
      title="Your kitchen"
      isDone={hasCookers}
      said={list(
        data.kitchen.cookers.map(
          (c) => `${c.name}, ${formatCapacity(c.litres, data.kitchen.system)}`,
        ),
      )}
    >
      <KitchenStep kitchen={data.kitchen} sizes={data.sizes} errors={kitchenErrors} />
      {#snippet more()}<a class="btn" href="/kitchen">Change it in Kitchen</a>{/snippet}
    </Step>

    {#snippet dishes()}
      <div class={hasDishes ? 'flex flex-wrap gap-2' : 'grid gap-2 md:grid-cols-3'}>
        {#each data.examples as dish (dish.id)}
          <form method="POST" action="/?/example" use:enhance class="contents">
            <input type="hidden" name="id" value={dish.id} />
            <button
              class="grid content-start gap-1 rounded-xl border-[1.5px] border-line-strong bg-salt text-left hover:bg-leaf-soft {hasDishes
                ? 'min-h-11 px-3 py-2'
                : 'p-4'}"
            >
              <span class="flex items-center gap-2 font-semibold"
                ><Plus size={18} aria-hidden="true" />{dish.name}</span
              >
              {#if !hasDishes}<span class="text-[15px] text-muted"
                  >{dish.summary} For {dish.servings}.</span
                >{/if}
            </button>
          </form>
        {/each}
      </div>
      {#if form && 'dish' in form}<p class="mt-2 font-semibold text-pimento" role="alert">
          {form.dish}
        </p>{/if}
      <p class="mt-3">
        <a class="btn" href="/dishes/new?then=begin"
          ><ClipboardPaste size={18} aria-hidden="true" />Paste a recipe of your own</a
        >
      </p>
    {/snippet}
    <Step
      id="dish"
      number={2}
      title="A dish"
      isDone={hasDishes}
      said={list(data.dishes.map((d) => d.name))}
      more={dishes}
    >
      <p class="mb-3 text-muted">Your own, pasted as it is, or one of these to begin with.</p>
      {@render dishes()}
    </Step>

    <Step
      id="meal"
      number={3}
      title="A meal"
      isDone={data.meal !== null}
      said={data.meal?.name ?? ''}
    >
      <MealStep
        dishes={data.dishes}
        proposed={data.proposed}
        {missing}
        errors={mealErrors}
        typed={form && 'typed' in form ? form.typed : undefined}
      />
      {#snippet more()}{#if data.meal}<a
            class="btn btn-strong"
            href="/meals/{encodeURIComponent(data.meal.id)}">To its plan</a
          >{/if}{/snippet}
    </Step>
  </ol>

  {#if form && 'play' in form}<p class="mt-4 banner banner-stop" role="alert">{form.play}</p>{/if}
  {#if data.isPlaying}
    <div class="mt-6 flex flex-wrap items-center justify-between gap-3 banner banner-note">
      <p class="max-w-prose">
        <b>This is the made-up household.</b> To begin with your own, it is put away as a copy, which
        Kitchen can bring back.
      </p>
      <form method="POST" action="/?/own" use:enhance>
        <button class="btn">Begin with my own</button>
      </form>
    </div>
  {/if}
</div>
