<script lang="ts">
  import { untrack } from 'svelte';
  import { SvelteSet } from 'svelte/reactivity';
  import { enhance } from '$app/forms';
  import { DateField, TimeField } from '$lib/ui/controls';
  import Field from '$lib/ui/fields/field.svelte';

  interface Props {
    dishes: { id: string; name: string }[];
    proposed: { day: string; time: string };
    /** Whether the other two are there: what is missing is said. */
    missing: string | null;
    errors: Record<string, string>;
    typed?: { day: string; time: string; servings: string };
  }
  let { dishes, proposed, missing, errors, typed }: Props = $props();

  /** More are chosen on the meal's own page. */
  const MOST_SHOWN = 8;
  const left = new SvelteSet<string>();
  const shown = $derived(dishes.slice(0, MOST_SHOWN));
  const kept = untrack(() => typed);
</script>

<form
  method="POST"
  action="/?/meal"
  novalidate
  use:enhance={() =>
    ({ update }) =>
      update({ reset: false })}
  class="grid gap-4"
>
  {#if shown.length > 0}
    <fieldset>
      <legend class="label">What is cooked</legend>
      <div class="flex flex-wrap gap-2">
        {#each shown as dish (dish.id)}
          <label
            class="flex min-h-11 cursor-pointer items-center gap-2 rounded-full border-[1.5px] px-4 font-semibold {left.has(
              dish.id,
            )
              ? 'border-line-strong bg-salt'
              : 'border-olive bg-leaf-soft'}"
            ><input
              type="checkbox"
              class="tick"
              name="dish"
              value={dish.id}
              checked={!left.has(dish.id)}
              onchange={(e) => (e.currentTarget.checked ? left.delete(dish.id) : left.add(dish.id))}
            />{dish.name}</label
          >
        {/each}
      </div>
      {#if errors.dishes}<p class="mt-1 text-sm font-semibold text-pimento">{errors.dishes}</p>{/if}
    </fieldset>
  {/if}
  <div class="flex flex-wrap items-start gap-3">
    <DateField name="day" label="Day" value={kept?.day ?? proposed.day} error={errors.serveAt} />
    <TimeField
      name="time"
      label="On the table at"
      value={kept?.time ?? proposed.time}
      invalid={!!errors.serveAt}
    />
    <Field
      name="servings"
      label="People"
      class="w-24"
      type="number"
      min="1"
      max="200"
      value={kept?.servings ?? '4'}
      error={errors.servings}
    />
  </div>
  {#if missing}<p class="text-muted">{missing}</p>{/if}
  <button class="btn justify-self-start btn-strong" disabled={missing !== null}
    >Show me the plan</button
  >
</form>
