<script lang="ts">
  import Trash2 from '@lucide/svelte/icons/trash-2';
  import { dishKey, refOf, writtenId } from '$core/dish';
  import { servingsSchema } from '$core/meal';
  import { focusNear } from '$lib/client/focus';
  import DraftInput from '$lib/ui/fields/draft-input.svelte';
  import type { MealState } from './meal-state.svelte';

  let { model }: { model: MealState } = $props();

  const dishes = $derived(new Map(model.dishes.map((d) => [d.id, d])));
  let errors = $state<Record<string, string>>({});
  const LATER = [0, 10, 20, 30, 45, 60, 90];

  let list = $state<HTMLElement>();
  function leaveOut(id: string, index: number): void {
    model.removeEntry(id);
    void focusNear(list, index);
  }
  function setServings(id: string, text: string): void {
    const servings = servingsSchema.nullable().safeParse(text.trim() === '' ? null : Number(text));
    errors[id] = servings.success ? '' : (servings.error.issues[0]?.message ?? '');
    if (servings.success) model.changeEntry(id, { forWhom: { servings: servings.data } });
  }
</script>

<section aria-labelledby="dishes" class="print:hidden">
  <h2 id="dishes" class="mb-3 text-xl font-bold">Dishes</h2>
  <ul class="grid gap-3" bind:this={list}>
    {#each model.meal.entries as entry, i (entry.id)}
      {@const dish = dishes.get(dishKey(entry.what.dish))}
      {@const ref = entry.what.dish}
      {@const name = dish?.name ?? 'A dish that was removed'}
      <li class="card p-3" id="entry-{entry.id}">
        <div class="flex items-start justify-between gap-2">
          {#if dish}<a
              href={ref.kind === 'bag'
                ? `/s/${ref.code}`
                : `/dishes/${writtenId(refOf(dish)) ?? dish.id}?servings=${entry.forWhom.servings ?? model.meal.servings}`}
              class="py-1 font-semibold underline-offset-4 hover:underline">{name}</a
            >
          {:else}<span class="py-1 font-semibold text-pimento">{name}</span>{/if}
          <button class="btn min-h-9 btn-quiet px-2" onclick={() => leaveOut(entry.id, i)}
            ><Trash2 size={17} aria-hidden="true" /><span class="sr-only">Leave out {name}</span
            ></button
          >
        </div>
        <div class="mt-1 grid grid-cols-[1fr_5rem_1.15fr] gap-2">
          <label class="text-[13px] text-muted"
            >in<select
              aria-label="Cooker for {name}"
              class="mt-0.5 field text-base"
              value={entry.where.cooker ?? ''}
              onchange={(e) =>
                model.changeEntry(entry.id, { where: { cooker: e.currentTarget.value || null } })}
            >
              <option value="">any cooker</option>
              {#each model.kitchen.cookers as cooker (cooker.id)}<option value={cooker.id}
                  >{cooker.name}</option
                >{/each}
              {#if entry.where.cooker && !model.kitchen.cookers.some((c) => c.id === entry.where.cooker)}<option
                  value={entry.where.cooker}>removed</option
                >{/if}
            </select>
          </label>
          <label class="text-[13px] text-muted"
            >for<DraftInput
              aria-label="Servings of {name}"
              class="mt-0.5 field text-base"
              type="number"
              min="1"
              max="200"
              placeholder={String(model.meal.servings)}
              value={entry.forWhom.servings ?? ''}
              aria-invalid={!!errors[entry.id]}
              oncommit={(text) => setServings(entry.id, text)}
            />
          </label>
          <label class="text-[13px] text-muted"
            >comes<select
              aria-label="When {name} comes"
              class="mt-0.5 field text-base"
              value={entry.when.later}
              onchange={(e) =>
                model.changeEntry(entry.id, { when: { later: Number(e.currentTarget.value) } })}
            >
              {#each LATER.includes(entry.when.later) ? LATER : [...LATER, entry.when.later] as later (later)}<option
                  value={later}>{later === 0 ? 'on time' : `${later} min later`}</option
                >{/each}
            </select>
          </label>
        </div>
        {#if dish}
          {#await import('./entry-more.svelte') then { default: EntryMore }}
            <EntryMore {model} {entry} {dish} />
          {/await}
        {/if}
        {#if errors[entry.id]}<p class="mt-1 text-sm font-semibold text-pimento">
            {errors[entry.id]}
          </p>{/if}
      </li>
    {:else}
      <li class="card border-dashed p-4 text-muted">No dish yet: add one above.</li>
    {/each}
  </ul>
</section>
