<script lang="ts">
  /** What was read from a recipe, with the questions it leaves open. */
  import { scaleDish, type Dish } from '$core/dish';
  import type { Kitchen } from '$core/kitchen';
  import { offersFor } from '$core/cycle';
  import { findFood, groupChoice, kindOf } from '$core/food';
  import type { Imported, ReadEdit, UnreadKind } from '$core/recipe';
  import ReadSteps from './read-steps.svelte';
  import UnreadList from './unread-list.svelte';
  import { formatQuantity, UNITS } from '$core/units';
  import { placesOf } from './places';
  import StageCard from './stage-card.svelte';
  import StageCards from './stage-cards.svelte';

  interface Props {
    imported: Imported;
    /** With the answers in it. */
    dish: Dish;
    kitchen: Kitchen;
    answers: Readonly<Record<string, string>>;
    /** By question: what its answer should be. */
    problems: Readonly<Record<string, string>>;
    onanswer: (id: string, answer: string) => void;
    ontake: (piece: string, as: UnreadKind) => void;
    /** Something that was read is corrected. */
    onedit: (edit: ReadEdit) => void;
    /** Ids of ingredients and stages that are pointed at in the text. */
    pointed: ReadonlySet<string>;
    /** What is pointed at here; empty where nothing is. */
    onpoint: (ids: readonly string[]) => void;
    /** Takes the last piece back to where it was; null where none was taken. */
    onback: (() => void) | null;
  }
  let {
    imported,
    dish,
    kitchen,
    answers,
    problems,
    pointed,
    onpoint,
    onanswer,
    ontake,
    onedit,
    onback,
  }: Props = $props();

  /** The ingredient whose line is being corrected, and the line so far. */
  let editing = $state<{ id: string; line: string } | null>(null);
  function startEditing(ingredient: Dish['ingredients'][number]): void {
    const { id, amount, unit, food, preparation } = ingredient;
    const measure =
      amount === null ? '' : formatQuantity({ amount, unit: unit ?? 'piece' }, kitchen.system);
    const line = [[measure, food].filter(Boolean).join(' '), preparation]
      .filter(Boolean)
      .join(', ');
    const read = imported.ingredients.find((i) => i.ingredient.id === id);
    // As it was written, until it has been changed.
    editing = { id, line: read && read.ingredient.food === food ? read.text : line };
  }
  function keepEdited(): void {
    if (editing) onedit({ of: 'ingredient', ...editing });
    editing = null;
  }

  /** The way up and down in the first cooker that takes it. */
  const cycles = $derived.by(() => {
    const offers = offersFor(scaleDish(dish, dish.servings), kitchen);
    return offers.map((stay) => stay.find((o) => o.refusals.length === 0) ?? stay[0]);
  });
  const places = $derived(placesOf(dish));
  /** Stages at pressure whose minutes are asked and not answered. */
  const untold = $derived(
    imported.questions.flatMap(({ id, about, taken }) =>
      about.kind === 'hold' && (answers[id] ?? taken) === '' ? [about.stage] : [],
    ),
  );
  function cycleOf(stageId: string): { comeUp: number; release: number; name: string } | null {
    for (const offer of cycles) {
      const cycle = offer?.cycles.get(stageId);
      if (offer && cycle)
        return { comeUp: cycle.comeUp, release: cycle.release, name: offer.cooker.name };
    }
    return null;
  }
</script>

<div class="flex flex-wrap items-baseline justify-between gap-3">
  <p class="font-head text-2xl font-bold">{dish.name}</p>
  <p class="text-muted">
    for {dish.servings} · {dish.ingredients.length}
    {dish.ingredients.length === 1 ? 'ingredient' : 'ingredients'} · {dish.stages.length}
    {dish.stages.length === 1 ? 'stage' : 'stages'}
  </p>
</div>

{#if imported.questions.length > 0}
  <fieldset class="mt-4 banner banner-look">
    <legend class="sr-only">Open questions</legend>
    <p class="font-bold">The recipe doesn’t say</p>
    <div class="mt-2 grid gap-3 sm:grid-cols-2">
      {#each imported.questions as question (question.id)}
        {@const id = `question-${question.id}`}
        <div>
          <label for={id} class="block text-[15px]">{question.text}</label>
          <div class="mt-1 flex items-center gap-2">
            {#if question.choices}
              <select
                {id}
                class="field"
                value={answers[question.id] ?? question.taken}
                aria-invalid={problems[question.id] !== undefined}
                onchange={(e) => onanswer(question.id, e.currentTarget.value)}
              >
                {#if question.taken === ''}<option value="">choose …</option>{/if}
                {#each question.choices as [value, label] (value)}<option {value}>{label}</option
                  >{/each}
              </select>
            {:else}
              <input
                {id}
                class="field"
                inputmode={question.unit === 'cm or in' ? undefined : 'decimal'}
                value={answers[question.id] ?? question.taken}
                aria-invalid={problems[question.id] !== undefined}
                aria-describedby={problems[question.id] ? `${id}-problem` : undefined}
                oninput={(e) => onanswer(question.id, e.currentTarget.value)}
              />
              <span class="text-muted">{question.unit}</span>
            {/if}
          </div>
          {#if problems[question.id]}<p
              id="{id}-problem"
              class="mt-1 text-sm font-semibold text-pimento"
            >
              {problems[question.id]}
            </p>{/if}
        </div>
      {/each}
    </div>
  </fieldset>
{/if}

<div class="mt-4">
  <UnreadList pieces={dish.unread} {ontake} />
  {#if onback}<button type="button" class="mt-2 btn btn-quiet" onclick={onback}
      >Undo the last one</button
    >{/if}
</div>

<div class="mt-4">
  <StageCards
    stages={dish.stages}
    {places}
    empty="No steps were found: write the method below the ingredients."
  >
    {#snippet card(stage, place)}
      {@const isUntold = untold.includes(stage.id)}
      {@const cycle = isUntold ? null : cycleOf(stage.id)}
      <StageCard
        {stage}
        {place}
        {isUntold}
        scale={kitchen.scale}
        {cycle}
        cookerName={cycle?.name ?? null}
        benchHref={null}
        minutes={stage.kind === 'pressure' ? stage.holdMinutes : stage.minutes}
        isPointed={pointed.has(stage.id)}
        onpoint={(isOn) => onpoint(isOn ? [stage.id] : [])}
      />
    {/snippet}
  </StageCards>
</div>

<ReadSteps {dish} {onedit} />

<table class="mt-3 w-full text-left">
  <thead class="sr-only"><tr><th>Amount</th><th>Food</th><th>As written</th></tr></thead>
  <tbody>
    {#each dish.ingredients as ingredient (ingredient.id)}
      <tr
        class="border-t border-line align-baseline {pointed.has(ingredient.id)
          ? 'bg-leaf-soft'
          : ''}"
        onpointerenter={() => onpoint([ingredient.id])}
        onpointerleave={() => onpoint([])}
      >
        <td class="w-28 py-1.5 pr-3 font-bold whitespace-nowrap"
          >{ingredient.amount === null
            ? '–'
            : formatQuantity(
                { amount: ingredient.amount, unit: ingredient.unit ?? 'piece' },
                kitchen.system,
              )}</td
        >
        <td class="py-1.5 pr-3"
          >{#if editing?.id === ingredient.id}
            <!-- svelte-ignore a11y_autofocus -->
            <input
              class="field"
              aria-label="Line of {ingredient.food}"
              autofocus
              bind:value={editing.line}
              onkeydown={(e) => {
                if (e.key === 'Enter') keepEdited();
                if (e.key === 'Escape') editing = null;
              }}
              onblur={keepEdited}
            />{:else}<button
              type="button"
              class="text-left decoration-dotted underline-offset-4 hover:underline"
              aria-label="Correct {ingredient.food}"
              onclick={() => startEditing(ingredient)}>{ingredient.food}</button
            >{#if ingredient.preparation}<span class="text-muted">, {ingredient.preparation}</span
              >{/if}{/if}
          {#if kindOf(ingredient.food) === null && groupChoice(ingredient.group ?? '') === null}<span
              class="block text-sm font-semibold text-ember-ink"
              >not known: the dish’s page asks what it is</span
            >{:else if findFood(ingredient.food) === null && ingredient.amount !== null && UNITS[ingredient.unit ?? 'piece'].kind !== 'mass'}<span
              class="block text-sm text-ember-ink">weight not known, so it is not counted</span
            >{/if}</td
        >
      </tr>
    {/each}
  </tbody>
</table>
{#if dish.notes}
  <h3 class="mt-4 font-bold">Notes</h3>
  <p class="text-[15px] whitespace-pre-line text-muted">{dish.notes}</p>
{/if}
