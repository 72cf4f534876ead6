<script lang="ts">
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';
  import Tag from '@lucide/svelte/icons/tag';
  import Flame from '@lucide/svelte/icons/flame';
  import ListChecks from '@lucide/svelte/icons/list-checks';
  import Printer from '@lucide/svelte/icons/printer';
  import Redo2 from '@lucide/svelte/icons/redo-2';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import { ToggleGroup } from 'bits-ui';
  import { bagsIn, checkServingTime, mealSchema } from '$core/meal';
  import { fromFields, toFields } from '$lib/client/moments';
  import DraftInput from '$lib/ui/fields/draft-input.svelte';
  import { DateField, Menu, TimeField } from '$lib/ui/controls';
  import MealMore from './meal-more.svelte';
  import type { MealState } from './meal-state.svelte';

  let { model }: { model: MealState } = $props();

  const meal = $derived(model.meal);
  /** Nothing more is needed before the evening. */
  const canStart = $derived(model.answer?.kind === 'plan' && !meal.template);
  const fields = $derived(toFields(meal.serveAt, meal.zone));
  let errors = $state<{ name?: string; serveAt?: string; servings?: string }>({});

  function rename(typed: string): void {
    const name = mealSchema.shape.name.safeParse(typed);
    errors.name = name.success ? undefined : name.error.issues[0]?.message;
    if (name.success && name.data !== meal.name) model.change((m) => ({ ...m, name: name.data }));
  }

  function setServings(value: number): void {
    const servings = mealSchema.shape.servings.safeParse(value);
    errors.servings = servings.success ? undefined : servings.error.issues[0]?.message;
    if (servings.success && servings.data !== meal.servings)
      model.change((m) => ({ ...m, servings: servings.data }));
  }

  /** Day and time as typed; both are needed for a moment. */
  let typed = $state<{ day?: string; time?: string }>({});
  function setTime(part: { day?: string; time?: string }): void {
    typed = { ...typed, ...part };
    const serveAt = fromFields(typed.day ?? fields.day, typed.time ?? fields.time, meal.zone);
    const checked = serveAt ? checkServingTime(serveAt, Date.now()) : null;
    errors.serveAt = !checked
      ? 'A day and a time are needed.'
      : checked.ok
        ? undefined
        : 'That is in the past; choose a later day or time.';
    if (!checked?.ok) return;
    typed = {};
    if (checked.value !== meal.serveAt) model.change((m) => ({ ...m, serveAt: checked.value }));
  }

  const SURE_WORDS = [
    { value: 'even', title: 'on time about 1 evening in 2' },
    { value: 'likely', title: 'on time about 4 evenings in 5' },
    { value: 'sure', title: 'on time about 19 evenings in 20' },
  ];
  function setSure(value: string): void {
    const sure = mealSchema.shape.sure.safeParse(value || undefined);
    if (value && sure.success) model.change((m) => ({ ...m, sure: sure.data }));
  }

  const SAVE_WORDS = {
    saved: 'Saved',
    waiting: 'Saving…',
    saving: 'Saving…',
    'changed-elsewhere': 'Not saved',
    offline: 'Not saved',
    refused: 'Not saved',
  } as const;
</script>

<header class="flex flex-wrap items-start justify-between gap-x-8 gap-y-4">
  <div class="min-w-72 flex-[1_1_24rem]">
    <h1 class="sr-only">{meal.name}</h1>
    <DraftInput
      aria-label="Name of the meal"
      value={meal.name}
      oncommit={rename}
      aria-invalid={!!errors.name}
      class="-ml-2 w-full rounded-lg border-0 bg-transparent px-2 py-0.5 font-head text-2xl font-extrabold tracking-tight text-ellipsis focus:bg-salt sm:text-3xl md:text-4xl"
    />
    {#if errors.name}<p class="text-sm font-semibold text-pimento">{errors.name}</p>{/if}
    <div class="mt-1 flex flex-wrap items-center gap-x-1 text-sm text-muted print:hidden">
      <span
        role="status"
        data-testid="save-state"
        data-live={model.isLive}
        class:text-pimento={SAVE_WORDS[model.saveShown] === 'Not saved'}
      >
        {SAVE_WORDS[model.saveShown]}
      </span>
      <button
        class="btn min-h-9 btn-quiet px-2"
        onclick={() => model.undo()}
        disabled={!model.canUndo}
        title="Undo (Ctrl+Z)"
      >
        <Undo2 size={16} aria-hidden="true" /><span class="sr-only">Undo</span>
      </button>
      <button
        class="btn min-h-9 btn-quiet px-2"
        onclick={() => model.redo()}
        disabled={!model.canRedo}
        title="Redo (Ctrl+Shift+Z)"
      >
        <Redo2 size={16} aria-hidden="true" /><span class="sr-only">Redo</span>
      </button>
    </div>
    <div class="mt-2 flex flex-wrap items-center gap-1.5 print:hidden">
      {#if meal.entries.length > 0}
        <form method="POST" action="/cook?/start" class="contents">
          <input type="hidden" name="meal" value={meal.id} />
          <button class="btn {canStart ? 'btn-strong' : ''}">
            <Flame size={18} aria-hidden="true" />Start cooking
          </button>
        </form>
      {/if}
      {#if bagsIn(meal) > 0}
        <form method="POST" action="/freezer?/packDay" class="contents">
          <input type="hidden" name="meal" value={meal.id} />
          <button class="btn"><Tag size={18} aria-hidden="true" />Write the labels</button>
        </form>
      {/if}
      <a class="btn px-3" href="/meals/{meal.id}/print"
        ><Printer size={18} aria-hidden="true" />Print</a
      >
      <a class="btn px-3" href="/lists?meals={meal.id}"
        ><ListChecks size={18} aria-hidden="true" />Lists</a
      >
      <Menu label="More" about="what else can be done with this meal">
        <MealMore {model} />
      </Menu>
    </div>
  </div>

  <div class="flex flex-wrap gap-3">
    <div class="card px-3 py-2">
      <label class="block text-[13px] text-muted" for="meal-servings"
        >{meal.batch ? 'portions in a bag' : 'people'}</label
      >
      <div class="flex items-center gap-1">
        <button
          class="btn min-h-11 btn-quiet px-2.5"
          onclick={() => setServings(meal.servings - 1)}
          disabled={meal.servings <= 1}
        >
          <Minus size={18} aria-hidden="true" /><span class="sr-only">One fewer</span>
        </button>
        <DraftInput
          id="meal-servings"
          type="number"
          min="1"
          max="200"
          value={meal.servings}
          oncommit={(text) => setServings(text === '' ? Number.NaN : Number(text))}
          aria-invalid={!!errors.servings}
          aria-describedby={errors.servings ? 'servings-error' : undefined}
          class="w-14 [appearance:textfield] bg-transparent text-center font-head text-2xl font-bold"
        />
        <button
          class="btn min-h-11 btn-quiet px-2.5"
          onclick={() => setServings(meal.servings + 1)}
        >
          <Plus size={18} aria-hidden="true" /><span class="sr-only">One more</span>
        </button>
      </div>
      {#if errors.servings}
        <p id="servings-error" class="max-w-48 text-sm font-semibold text-pimento">
          {errors.servings}
        </p>
      {/if}
    </div>
    <div class="card px-3 py-2">
      <span class="block text-[13px] text-muted">{meal.batch ? 'packed by' : 'serve at'}</span>
      <div class="flex min-h-11 flex-wrap items-center gap-2">
        <DateField
          label="Day"
          isLabelHidden
          value={fields.day}
          oncommit={(day) => setTime({ day })}
          invalid={!!errors.serveAt}
          class="parts-bare"
        />
        <TimeField
          label="Time on the table"
          isLabelHidden
          value={fields.time}
          oncommit={(time) => setTime({ time })}
          invalid={!!errors.serveAt}
          describedBy={errors.serveAt ? 'time-error' : undefined}
          class="parts-bare font-head text-2xl font-bold"
        />
      </div>
      {#if errors.serveAt}
        <p id="time-error" class="max-w-64 text-sm font-semibold text-pimento">{errors.serveAt}</p>
      {/if}
    </div>
    <fieldset class="card px-3 py-2">
      <legend class="float-left text-[13px] text-muted">how sure</legend>
      <ToggleGroup.Root
        type="single"
        value={meal.sure}
        onValueChange={(value) => setSure(value)}
        aria-label="How sure to be on time"
        class="clear-left flex min-h-11 items-center gap-1"
      >
        {#each SURE_WORDS as { value, title } (value)}
          <ToggleGroup.Item
            {value}
            {title}
            class="min-h-11 rounded-lg px-3 hover:bg-leaf-soft data-[state=on]:bg-olive data-[state=on]:font-bold data-[state=on]:text-on-olive"
          >
            {value}
          </ToggleGroup.Item>
        {/each}
      </ToggleGroup.Root>
    </fieldset>
  </div>
</header>

{#if model.saveMessage && SAVE_WORDS[model.saveShown] === 'Not saved'}
  <div
    role="alert"
    class="mt-4 flex flex-wrap items-center justify-between gap-3 banner banner-stop"
  >
    <p>{model.saveMessage}</p>
    {#if model.saveState === 'changed-elsewhere'}<button
        class="btn"
        onclick={() => location.reload()}>Reload</button
      >{/if}
  </div>
{/if}
