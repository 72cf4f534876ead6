<script lang="ts">
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';
  import Tag from '@lucide/svelte/icons/tag';
  import Flame from '@lucide/svelte/icons/flame';
  import ListChecks from '@lucide/svelte/icons/list-checks';
  import Printer from '@lucide/svelte/icons/printer';
  import Redo2 from '@lucide/svelte/icons/redo-2';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import Users from '@lucide/svelte/icons/users';
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

<header>
  <div class="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
    <div class="min-w-0 flex-[1_1_22rem]">
      <h1 class="sr-only">{meal.name}</h1>
      <DraftInput
        aria-label="Name of the meal"
        value={meal.name}
        oncommit={rename}
        aria-invalid={!!errors.name}
        class="-ml-2 w-full rounded-lg border-0 bg-transparent px-2 py-0.5 font-head text-2xl font-extrabold tracking-tight text-ellipsis focus:bg-salt sm:text-3xl md:text-4xl"
      />
      {#if errors.name}<p class="text-sm font-semibold text-pimento">{errors.name}</p>{/if}
    </div>
    <div class="flex flex-wrap items-center gap-1.5 print:hidden">
      <span
        role="status"
        data-testid="save-state"
        data-live={model.isLive}
        class="text-sm {SAVE_WORDS[model.saveShown] === 'Not saved'
          ? 'font-semibold text-pimento'
          : 'text-muted max-sm:sr-only'}"
      >
        {SAVE_WORDS[model.saveShown]}
      </span>
      <button
        class="btn btn-quiet px-2 max-sm:order-last"
        onclick={() => model.undo()}
        disabled={!model.canUndo}
        title="Undo (Ctrl+Z)"
      >
        <Undo2 size={18} aria-hidden="true" /><span class="sr-only">Undo</span>
      </button>
      <button
        class="btn btn-quiet px-2 max-sm:order-last"
        onclick={() => model.redo()}
        disabled={!model.canRedo}
        title="Redo (Ctrl+Shift+Z)"
      >
        <Redo2 size={18} aria-hidden="true" /><span class="sr-only">Redo</span>
      </button>
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
      <a class="btn px-3" href="/lists?meals={meal.id}"
        ><ListChecks size={18} aria-hidden="true" /><span class="max-sm:sr-only">Lists</span></a
      >
      <a class="btn px-3 max-sm:hidden" href="/meals/{meal.id}/print"
        ><Printer size={18} aria-hidden="true" />Print</a
      >
      <Menu label="More" about="what else can be done with this meal">
        <a class="menu-item sm:hidden" href="/meals/{meal.id}/print">Print</a>
        <MealMore {model} />
      </Menu>
    </div>
  </div>

  <div
    class="mt-3 flex max-w-full flex-wrap items-center gap-x-1 rounded-[14px] border border-line bg-salt px-1.5 py-1 sm:w-fit"
  >
    <div class="flex items-center max-sm:flex-1">
      <Users size={18} class="mr-0.5 ml-1 flex-none text-muted sm:hidden" aria-hidden="true" />
      <button
        class="btn btn-quiet px-2.5"
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
        class="w-11 [appearance:textfield] rounded-md bg-transparent text-center font-head text-xl font-bold"
      />
      <label class="text-[15px] text-muted max-sm:sr-only" for="meal-servings"
        >{meal.batch ? 'portions in a bag' : 'people'}</label
      >
      <button class="btn btn-quiet px-2.5" onclick={() => setServings(meal.servings + 1)}>
        <Plus size={18} aria-hidden="true" /><span class="sr-only">One more</span>
      </button>
    </div>
    <span class="h-7 w-px bg-line max-sm:hidden" aria-hidden="true"></span>
    <div class="flex items-center gap-1 max-sm:order-last max-sm:w-full max-sm:justify-between">
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
        class="parts-bare font-head text-xl font-bold"
      />
    </div>
    <span class="h-7 w-px bg-line max-sm:hidden" aria-hidden="true"></span>
    <ToggleGroup.Root
      type="single"
      value={meal.sure}
      onValueChange={(value) => setSure(value)}
      aria-label="How sure to be on time"
      class="flex items-center gap-0.5"
    >
      {#each SURE_WORDS as { value, title } (value)}
        <ToggleGroup.Item
          {value}
          {title}
          class="min-h-11 rounded-lg px-2.5 hover:bg-leaf-soft data-[state=on]:bg-olive data-[state=on]:font-bold data-[state=on]:text-on-olive sm:px-3"
        >
          {value}
        </ToggleGroup.Item>
      {/each}
    </ToggleGroup.Root>
  </div>
  {#if errors.servings}
    <p id="servings-error" class="mt-1 text-sm font-semibold text-pimento">{errors.servings}</p>
  {/if}
  {#if errors.serveAt}
    <p id="time-error" class="mt-1 text-sm font-semibold text-pimento">{errors.serveAt}</p>
  {/if}
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
