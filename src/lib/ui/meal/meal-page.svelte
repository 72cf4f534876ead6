<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import type { Dish } from '$core/dish';
  import type { Kitchen } from '$core/kitchen';
  import type { Meal } from '$core/meal';
  import { addWater } from '$core/cycle';
  import { looksAtPlan, whatMoved, whyLate, type Shown } from '$core/review';
  import { announcer } from '$lib/client/announce.svelte';
  import { planOf, type SavedPlan } from '$core/plan';
  import { byHarm, type Edit } from '$core/reason';
  import { editMeal } from '$core/menu';
  import { cooksOf, givenTo, shareSteps, toRunSheet } from '$core/run';
  import { formatTime } from '$core/units';
  import { Timeline } from '$lib/ui/timeline';
  import { contradictionMarks, isMarked, lateMarks, noteMarks } from './marks';
  import DishChips from './dish-chips.svelte';
  import DishPicks from './dish-picks.svelte';
  import LateBanner from './late-banner.svelte';
  import MealHeader from './meal-header.svelte';
  import { MealState } from './meal-state.svelte';
  import { writeDish } from '$lib/client/write-dish';
  import NeedsLook from './needs-look.svelte';
  import RunSheet from './schedule.svelte';
  import Summary from './summary.svelte';
  import Trouble from './trouble.svelte';
  import EarlierStarts from './earlier-starts.svelte';

  interface Props {
    loaded: {
      meal: Meal;
      plan: SavedPlan | null;
      revision: number;
      dishes: Dish[];
      kitchen: Kitchen;
      freeLitres: number | null;
      bulkSizes: Record<string, { name: string; grams: number }[]>;
    };
  }
  let { loaded }: Props = $props();

  const model = new MealState(untrack(() => loaded));
  onMount(() => model.start());

  let selected = $state<string | null>(null);
  const plan = $derived(model.answer?.kind === 'plan' ? model.answer : null);
  /** What to look at also where there is no plan: it may be the very reason. */
  const notes = $derived.by(() => {
    if (!model.answer || !('compiled' in model.answer)) return [];
    const { compiled } = model.answer;
    if (!plan) return compiled.notes;
    const dishes = new Map(model.dishes.map((d) => [d.id, d]));
    const looks = looksAtPlan(compiled, plan.schedule, model.meal, dishes, model.kitchen);
    return [...compiled.notes, ...looks].sort(byHarm);
  });
  const impossible = $derived(model.answer?.kind === 'impossible' ? model.answer : null);
  const contradictions = $derived(contradictionMarks(impossible?.contradictions ?? []));
  const chain = $derived(
    plan ? lateMarks(whyLate(plan.compiled, plan.schedule, model.kitchen)) : [],
  );
  const serveAt = $derived(Date.parse(model.meal.serveAt));
  const end = $derived(model.meal.batch ? 'all packed' : 'on the table');
  /** The plan as it is read: of an impossible meal, the one that comes nearest. */
  const read = $derived.by(() => {
    const compiled = plan?.compiled ?? impossible?.compiled;
    const schedule = plan?.schedule ?? impossible?.nearest?.schedule;
    return compiled && schedule ? planOf(compiled, schedule) : null;
  });
  /** What the last change moved; '' before the first one. */
  let moved = $state('');
  let last: Shown | null = null;
  $effect(() => {
    if (!plan || !read || model.isThinking) return;
    const shown = { plan: read, totals: plan.totals, serveAt };
    // What is looked at for the first time has not moved.
    const said = last && model.canUndo ? whatMoved(last, shown, model.kitchen) : '';
    if (said !== '') moved = said;
    last = shown;
    const at = formatTime(serveAt + plan.totals.firstStart * 60_000, model.kitchen);
    announcer.say(`Planned: start at ${at}. ${said}`.trim());
  });
  const lines = $derived(plan && read ? toRunSheet(read, model.kitchen, serveAt) : []);
  const cooks = $derived(cooksOf(model.kitchen, model.meal.hands ?? model.kitchen.hands));
  const shares = $derived(
    read ? shareSteps(read, cooks, givenTo(model.meal)) : new Map<string, number>(),
  );
  /** Late, over the line, too hard, unsure or impossible: then fixes are worth trying. */
  const isInTrouble = $derived(
    model.answer !== null &&
      !model.isThinking &&
      model.meal.entries.length > 0 &&
      (model.answer.kind === 'impossible' ||
        model.answer.kind === 'faults' ||
        (plan !== null &&
          ((plan.schedule.delay ?? 0) > 0 ||
            !plan.isSureEnough ||
            notes.some((n) => n.severity === 'stop' || isMarked(n))))),
  );

  /** Puts the water that a pot lacks into its dish, with the way back; the plan follows at once. */
  async function pourWater(water: Extract<Edit, { kind: 'add-water' }>): Promise<void> {
    const before = model.dishes.find((d) => d.id === water.dish);
    if (!before) return;
    const after = addWater(before, water.stage, water.ml);
    await writeDish(after, 'The water has been added to the dish.', before, (kept) =>
      model.exchangeDish(kept),
    );
  }

  /** Takes the remedy of a finding; a change of the meal is undone like any other. */
  async function take(edit: Edit): Promise<void> {
    if (edit.kind === 'add-water') await pourWater(edit);
    else model.change((meal) => editMeal(meal, edit) ?? meal);
  }

  /** The part of a step's id that its entry's pins go by; a cycle is moved by its lid. */
  function pinPart(stepId: string): { entryId: string; part: string; start: number } | null {
    const dragged = read?.byId.get(stepId);
    if (!plan || !dragged) return null;
    const { entryId, stageId } = dragged;
    const isCycle = ['come-up', 'hold', 'release', 'vent', 'open'].includes(dragged.phase);
    const moved = isCycle ? read?.byId.get(`${entryId}.${stageId}.seal`) : dragged;
    return moved ? { entryId, part: moved.id.slice(entryId.length + 1), start: moved.start } : null;
  }
  function moveStep(stepId: string, minutes: number, laneId: string): void {
    const pin = pinPart(stepId);
    if (!pin || !plan) return;
    const unit = read?.byId.get(stepId)?.unit;
    const isCooker = (id: string | null | undefined): boolean =>
      model.kitchen.cookers.some((c) => c.id === id);
    if (isCooker(unit) && isCooker(laneId) && laneId !== unit)
      model.changeEntry(pin.entryId, { where: { cooker: laneId } });
    else if (minutes !== 0) model.pin(pin.entryId, pin.part, pin.start + minutes);
  }
  const chosen = $derived(plan && selected !== null ? (read?.byId.get(selected) ?? null) : null);

  function onkeydown(event: KeyboardEvent): void {
    const inField =
      event.target instanceof HTMLInputElement || event.target instanceof HTMLSelectElement;
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || inField) return;
    event.preventDefault();
    if (event.shiftKey) model.redo();
    else model.undo();
  }

  function serveLater(minutes: number): void {
    model.change((meal) => ({
      ...meal,
      serveAt: new Date(serveAt + minutes * 60_000).toISOString(),
    }));
  }
</script>

<svelte:window {onkeydown} />

<MealHeader {model} />

{#if model.isPast}
  <p class="mt-4 rounded-lg border border-line bg-salt px-4 py-3">
    This meal is in the past. Its plan is shown as it was; give it a later time to plan it again.
  </p>
{/if}

{#if plan}
  <Summary {plan} kitchen={model.kitchen} {serveAt} isBatch={model.meal.batch} {moved} />
  {#if !model.isPast && !model.meal.batch}<EarlierStarts {model} {serveAt} />{/if}
{/if}
<DishChips {model} {notes} onedit={(edit) => void take(edit)} />
{#if plan}
  {#if model.better}
    {@const start = formatTime(serveAt + model.better.totals.firstStart * 60_000, model.kitchen)}
    <div
      class="mt-3 flex flex-wrap items-center justify-between gap-3 banner banner-good"
      role="status"
    >
      <p>
        <b>A better plan was found:</b> start at {start}, ready at {formatTime(
          serveAt + model.better.totals.ready * 60_000,
          model.kitchen,
        )}.
      </p>
      <button class="btn" onclick={() => model.takeBetter()}>Take it</button>
    </div>
  {/if}
  {#if (plan.schedule.delay ?? 0) > 0}
    {@const delay = plan.schedule.delay ?? 0}
    <LateBanner
      {serveAt}
      {delay}
      kitchen={model.kitchen}
      {chain}
      onlater={() => serveLater(delay)}
    />
  {/if}
  <div class="mt-5" class:opacity-60={model.isThinking && !plan}>
    {#if read}
      <Timeline
        plan={read}
        totals={plan.totals}
        kitchen={model.kitchen}
        {serveAt}
        {end}
        {cooks}
        {shares}
        marks={[...chain, ...noteMarks(notes, read, model.kitchen)]}
        {selected}
        onselect={(id) => (selected = selected === id ? null : id)}
        ondrag={model.isPast ? undefined : moveStep}
        onserve={model.isPast ? undefined : (minutes) => serveLater(Math.round(minutes / 5) * 5)}
      />
    {/if}
  </div>
{:else}
  <Trouble
    answer={model.answer}
    isEmpty={model.meal.entries.length === 0}
    isThinking={model.isThinking}
    marks={contradictions}
  />
  {#if impossible?.nearest && read}
    <h3 class="mt-5 font-bold">The closest plan with these cookers and cooks</h3>
    <p class="text-muted">Don’t cook by this: what is marked in red goes over its limit.</p>
    <div class="mt-2">
      <Timeline
        plan={read}
        totals={impossible.nearest.totals}
        kitchen={model.kitchen}
        {serveAt}
        {end}
        {cooks}
        {shares}
        marks={[...contradictions, ...noteMarks(notes, read, model.kitchen)]}
      />
    </div>
  {/if}
{/if}

{#if isInTrouble}
  {#await import('./fixes.svelte') then { default: Fixes }}<Fixes {model} {serveAt} />{/await}
{/if}

<div
  class={[
    'mt-6 grid grid-cols-[minmax(0,1fr)] gap-6',
    plan && 'xl:grid-cols-[minmax(0,1fr)_380px]',
  ]}
>
  {#if plan}
    <RunSheet
      {lines}
      kitchen={model.kitchen}
      {serveAt}
      {cooks}
      {shares}
      ready={plan.totals.ready}
      {end}
      {selected}
      onselect={(id) => (selected = selected === id ? null : id)}
    />
  {/if}
  <div class="grid h-fit grid-cols-[minmax(0,1fr)] gap-6">
    {#if chosen && read}
      {#await import('./why-panel.svelte') then { default: WhyPanel }}
        <WhyPanel
          operation={chosen}
          plan={read}
          kitchen={model.kitchen}
          {serveAt}
          pin={pinPart(chosen.id)}
          isPinned={model.meal.entries.some(
            (e) => e.id === chosen.entryId && Object.keys(e.when.pins).length > 0,
          )}
          onmove={(minutes) => moveStep(chosen.id, minutes, '')}
          onunpin={() => model.changeEntry(chosen.entryId, { when: { pins: {} } })}
          onclose={() => (selected = null)}
        />
      {/await}
    {/if}
    {#if notes.length > 0}
      <NeedsLook {notes} by={model.kitchen} onedit={(edit) => void take(edit)} />
    {/if}
    <DishPicks {model} />
    {#if model.meal.batch}
      {#await import('./bags-card.svelte') then { default: BagsCard }}
        <BagsCard {model} freeLitres={loaded.freeLitres} />
      {/await}
    {/if}
    {#await import('./who-eats.svelte') then { default: WhoEats }}<WhoEats {model} />{/await}
    {#await import('./evening-facts.svelte') then { default: EveningFacts }}<EveningFacts
        {model}
      />{/await}
  </div>
</div>
