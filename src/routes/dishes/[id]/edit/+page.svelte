<script lang="ts">
  import { untrack } from 'svelte';
  import { beforeNavigate } from '$app/navigation';
  import { enhance } from '$app/forms';
  import Field from '$lib/ui/fields/field.svelte';
  import { page } from '$app/state';
  import { conventionsOf } from '$lib/ui/controls';
  import IngredientsEditor from '$lib/ui/dish/ingredients-editor.svelte';
  import KeepsChoice from '$lib/ui/dish/keeps-choice.svelte';
  import StagesEditor from '$lib/ui/dish/stages-editor.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  /** What is typed stays here until it is saved. */
  let dish = $state(untrack(() => structuredClone(data.dish)));
  const errors = $derived<Record<string, string>>(form?.errors ?? {});
  const isChanged = $derived(JSON.stringify(dish) !== JSON.stringify(data.dish));
  let why = $state('');
  let isSaving = false;

  beforeNavigate(({ cancel, willUnload }) => {
    if (!isChanged || isSaving || willUnload) return;
    if (!confirm('Your changes are not saved. Leave anyway?')) cancel();
  });
</script>

<svelte:head><title>Change {data.dish.name} · Olive Clock</title></svelte:head>

<form
  method="POST"
  action="?/save"
  novalidate
  use:enhance={() => {
    isSaving = true;
    return async ({ update }) => {
      await update({ reset: false });
      isSaving = false;
    };
  }}
>
  <input type="hidden" name="dish" value={JSON.stringify(dish)} />
  <header class="flex flex-wrap items-end justify-between gap-4">
    <div>
      <p class="text-sm">
        <a href="/dishes/{data.dish.id}" class="text-muted underline-offset-4 hover:underline"
          >{data.dish.name}</a
        >
      </p>
      <h1 class="text-4xl font-extrabold tracking-tight">Change the dish</h1>
    </div>
    <div class="flex items-center gap-3">
      {#if Object.keys(errors).length > 0}<p class="font-semibold text-pimento" role="alert">
          Not saved: {Object.values(errors)[0]}
        </p>{:else if isChanged}<p class="font-semibold text-ember-ink">Not saved yet</p>{/if}
      <button class="btn btn-strong" disabled={!isChanged && Object.keys(errors).length === 0}
        >Save the dish</button
      >
    </div>
  </header>

  <section
    aria-labelledby="about"
    class="mt-6 grid grid-cols-[minmax(0,1fr)] gap-4 card p-5 md:grid-cols-2"
  >
    <h2 id="about" class="sr-only">About it</h2>
    <Field name="name" label="Name" bind:value={dish.name} error={errors.name} />
    <Field
      name="summary"
      label="One line for the list"
      bind:value={dish.summary}
      error={errors.summary}
    />
    <div class="grid grid-cols-[minmax(0,1fr)] gap-3 sm:grid-cols-3">
      <Field
        name="servings"
        label="Written for"
        type="number"
        bind:value={dish.servings}
        error={errors.servings}
      />
      <KeepsChoice bind:wait={dish.wait} error={errors['wait.maxMinutes'] ?? errors['wait.cost']} />
    </div>
    <Field name="why" label="Why? Kept with the version before" bind:value={why} />
    <fieldset class="flex flex-wrap items-end gap-3 [&_.field]:w-24">
      <label class="flex min-h-11 items-center gap-2"
        ><input
          type="checkbox"
          class="tick"
          checked={dish.slow !== undefined}
          onchange={(e) =>
            (dish.slow = e.currentTarget.checked ? { hours: 8, setting: 'low' } : undefined)}
        />in a slow cooker too</label
      >
      {#if dish.slow}
        <input
          class="field"
          type="number"
          step="0.5"
          aria-label="Hours in a slow cooker"
          bind:value={dish.slow.hours}
        />
        <select class="field" aria-label="Setting of the slow cooker" bind:value={dish.slow.setting}
          ><option value="low">h, low</option><option value="high">h, high</option></select
        >
      {/if}
    </fieldset>
    <label class="flex min-h-11 items-center gap-2"
      ><input
        type="checkbox"
        class="tick"
        checked={dish.bulk ?? false}
        onchange={(e) => (dish.bulk = e.currentTarget.checked || undefined)}
      />cooked in bulk: once packed, other dishes can use it</label
    >
    <div>
      <label for="notes" class="label">Notes</label>
      <textarea id="notes" class="field min-h-20 py-2" bind:value={dish.notes}></textarea>
    </div>
  </section>

  <IngredientsEditor bind:dish {errors} system={conventionsOf(page.data).system} />
  <StagesEditor bind:dish {errors} />
</form>
