<script lang="ts">
  /** What else is true of this evening: hands, a cook who is away, a pot or the oven that is taken. */
  import { TimeField } from '$lib/ui/controls';
  import { BURNER_UNIT, OVEN_UNIT } from '$core/plan';
  import { formatTime } from '$core/units';
  import { fromFields, toFields } from '$lib/client/moments';
  import type { MealState } from './meal-state.svelte';

  let { model }: { model: MealState } = $props();

  const units = $derived([
    ...model.kitchen.cookers.map((c) => [c.id, `the ${c.name}`] as const),
    ...(model.kitchen.oven ? [[OVEN_UNIT, 'the oven'] as const] : []),
    ...(model.kitchen.burners > 0 ? [[BURNER_UNIT, 'a burner'] as const] : []),
  ]);
  let what = $state('away');
  let from = $state('16:00');
  let to = $state('17:00');
  let problem = $state('');

  function add(): void {
    const { day } = toFields(model.meal.serveAt, model.meal.zone);
    const [start, end] = [
      fromFields(day, from, model.meal.zone),
      fromFields(day, to, model.meal.zone),
    ];
    if (!start || !end || Date.parse(end) <= Date.parse(start)) {
      problem = 'From and to are times of that day, and it ends after it begins.';
      return;
    }
    problem = '';
    model.change((meal) =>
      what === 'away'
        ? { ...meal, away: [...meal.away, { from: start, to: end }] }
        : { ...meal, busy: [...meal.busy, { unit: what, from: start, to: end }] },
    );
  }
  const span = (s: { from: string; to: string }): string =>
    `${formatTime(Date.parse(s.from), model.kitchen)}–${formatTime(Date.parse(s.to), model.kitchen)}`;
  const unitName = (id: string): string => units.find(([unit]) => unit === id)?.[1] ?? id;
</script>

<section aria-labelledby="facts" class="print:hidden">
  <h2 id="facts" class="mb-2 text-xl font-bold">That evening</h2>
  <label class="flex items-center gap-3"
    >Pairs of hands
    <select
      class="field w-44"
      value={model.meal.hands ?? ''}
      onchange={(e) =>
        model.change((meal) => ({ ...meal, hands: Number(e.currentTarget.value) || null }))}
    >
      <option value="">as usual: {model.kitchen.hands}</option>
      {#each [1, 2, 3, 4] as n (n)}<option value={n}>{n}</option>{/each}
    </select>
  </label>
  <ul class="mt-2 grid gap-1">
    {#each model.meal.away as span_, i (i)}
      <li class="flex items-center justify-between gap-2">
        <span>A cook is away {span(span_)}</span>
        <button
          type="button"
          class="btn min-h-9 btn-quiet px-2"
          onclick={() =>
            model.change((meal) => ({ ...meal, away: meal.away.filter((_, k) => k !== i) }))}
          >Something’s wrong</button
        >
      </li>
    {/each}
    {#each model.meal.busy as taken, i (i)}
      <li class="flex items-center justify-between gap-2">
        <span class="first-letter:uppercase">{unitName(taken.unit)} is taken {span(taken)}</span>
        <button
          type="button"
          class="btn min-h-9 btn-quiet px-2"
          onclick={() =>
            model.change((meal) => ({ ...meal, busy: meal.busy.filter((_, k) => k !== i) }))}
          >Something’s wrong</button
        >
      </li>
    {/each}
  </ul>
  <form
    class="mt-2 flex flex-wrap items-end gap-2"
    onsubmit={(e) => {
      e.preventDefault();
      add();
    }}
  >
    <select
      class="field w-auto max-w-sm min-w-36 flex-1"
      aria-label="What is not there"
      bind:value={what}
    >
      <option value="away">a cook is away</option>
      {#each units as [id, name] (id)}<option value={id}>{name} is taken</option>{/each}
    </select>
    <TimeField label="From" isLabelHidden bind:value={from} />
    <TimeField label="To" isLabelHidden bind:value={to} />
    <button class="btn">Add</button>
  </form>
  {#if problem}<p class="mt-1 text-sm font-semibold text-pimento">{problem}</p>{/if}
</section>
