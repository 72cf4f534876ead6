<script lang="ts">
  /** What else can be said of a dish in this meal: release, stack, day before, cook, portions kept. */
  import {
    codeOf,
    dishKey,
    dishRef,
    refOf,
    writtenId,
    type Dish,
    type DishRef,
    type BagWay,
  } from '$core/dish';
  import { isServedHot, recutOf } from '$core/cycle';
  import { LOW_OVEN_C } from '$core/facts';
  import type { MealEntry } from '$core/meal';
  import { formatTemperature } from '$core/units';
  import { sayLength } from '$core/words';
  import BagFields from './bag-fields.svelte';
  import type { MealState } from './meal-state.svelte';

  interface Props {
    model: MealState;
    entry: MealEntry;
    dish: Dish;
  }
  let { model, entry, dish }: Props = $props();

  const cycle = $derived(dish.stages.find((s) => s.kind === 'pressure'));
  const twoReleases = $derived(cycle?.kind === 'pressure' ? (cycle.orRelease ?? null) : null);
  const recut = $derived(recutOf(dish, model.kitchen));
  const hasAhead = $derived(dish.stages.some((s) => s.ahead));
  const others = $derived(
    model.meal.entries.filter(
      (e) =>
        e.id !== entry.id &&
        e.where.over === null &&
        dishKey(e.what.dish) !== dishKey(entry.what.dish),
    ),
  );
  const isLower = $derived(model.meal.entries.some((e) => e.where.over === entry.id));
  const nameOf = (ref: DishRef): string =>
    model.dishes.find((d) => d.id === dishKey(ref))?.name ?? 'a dish';
  const hands = $derived(model.meal.hands ?? model.kitchen.hands);
  const RELEASE = {
    natural: 'natural release',
    quick: 'quick release',
    timed: 'natural release, then quick',
  };

  type Level = NonNullable<MealEntry['what']['level']>;
  const levels = $derived(
    (['low', 'high', 'max'] as const).filter((l) =>
      model.kitchen.cookers.some((c) => c.levels.includes(l)),
    ),
  );
  function setRelease(value: string): void {
    model.changeEntry(entry.id, {
      what: { otherRelease: value === '' ? null : value === 'other' },
    });
  }
  /** Stands for “never in a stack” in the list; no id looks like it. */
  const ALONE = ' alone';
  function setOver(value: string): void {
    const alone = value === ALONE;
    model.changeEntry(entry.id, { where: { alone, over: alone ? null : value || null } });
  }

  /** The dish as written, and as made with what was cooked in bulk. */
  const written = $derived(writtenId(entry.what.dish));
  const withBags = $derived(
    model.dishes.filter((d) => refOf(d).kind === 'bulk' && writtenId(refOf(d)) === written),
  );
  /** Stock offers itself: what is there for this dish, or what was chosen of it. */
  const stockWords = $derived.by(() => {
    if (entry.what.dish.kind === 'bulk') return `made from ${entry.what.dish.code}`;
    const codes = withBags.flatMap((d) => codeOf(refOf(d)) ?? []);
    return codes.length > 0 ? `in stock: ${codes.slice(0, 3).join(', ')}` : '';
  });
  function setSource(key: string): void {
    const made = withBags.find((d) => d.id === key);
    const dish = made ? refOf(made) : written === null ? null : dishRef(written);
    if (dish) model.changeEntry(entry.id, { what: { dish }, when: { pins: {} } });
  }
  const said = $derived(
    [
      entry.what.bags
        ? `${entry.what.bags.copies} ${entry.what.bags.copies === 1 ? 'bag' : 'bags'}, ${entry.what.bags.state}`
        : '',
      entry.what.otherRelease !== null && twoReleases && cycle?.kind === 'pressure'
        ? RELEASE[entry.what.otherRelease ? twoReleases.kind : cycle.release.kind]
        : '',
      entry.what.level ? `${entry.what.level} pressure` : '',
      entry.forWhom.servings === null ? '' : `stays for ${entry.forWhom.servings}`,
      entry.what.smaller ? 'cut smaller' : '',
      entry.what.inRuns ? 'in runs' : '',
      entry.when.ahead ? 'day before' : '',
      entry.where.keepHot ? 'kept hot in the oven' : '',
      entry.where.over ? 'in a stack' : entry.where.alone ? 'a cycle of its own' : '',
      entry.where.cook
        ? (model.kitchen.cooks.find((c) => c.id === entry.where.cook)?.name ?? '')
        : '',
      stockWords,
      entry.forWhom.keep
        ? `${entry.forWhom.keep.portions} kept for ${entry.forWhom.keep.later} min later`
        : '',
      Object.keys(entry.when.pins).length > 0 ? 'steps pinned' : '',
    ].filter(Boolean),
  );
  const bag = $derived(entry.what.dish.kind === 'bag' ? entry.what.dish : null);
  const METHODS: readonly (readonly [BagWay, string])[] = [
    ['frozen', 'from frozen'],
    ['thawed', 'thawed first'],
    ['microwave', 'in the microwave'],
    ['cooker', 'above water in a cooker'],
    ['burner', 'on a burner'],
    ['oven', 'in the oven'],
  ];
  /** Ways that this kitchen has for it; a bag that is still to cook goes in frozen or thawed. */
  const ways = $derived(
    bag
      ? METHODS.filter(([method]) => model.dishes.some((d) => d.id === dishKey({ ...bag, method })))
      : [],
  );
  function keep(portions: number, later: number): void {
    model.changeEntry(entry.id, { forWhom: { keep: portions > 0 ? { portions, later } : null } });
  }
</script>

<details class="mt-1">
  <summary class="min-h-8 cursor-pointer text-[15px] text-muted"
    >{said.length > 0 ? said.join(', ') : 'More'}<span class="sr-only">
      about {dish.name}</span
    ></summary
  >
  <div class="grid gap-2 py-1">
    {#if bag && ways.length > 0}
      <label class="text-[13px] text-muted"
        >{bag.method === 'frozen' || bag.method === 'thawed' || ways.some(([w]) => w === 'frozen')
          ? 'cooked'
          : 'heated'}<select
          class="mt-0.5 field text-base"
          value={bag.method ?? ''}
          onchange={(e) =>
            model.changeEntry(entry.id, {
              what: {
                dish: { ...bag, method: (e.currentTarget.value || null) as BagWay | null },
              },
            })}
        >
          <option value="">as it suits it</option>
          {#each ways as [value, label] (value)}<option {value}>{label}</option>{/each}
        </select></label
      >
    {/if}
    {#if withBags.length > 0}
      <label class="text-[13px] text-muted"
        >made from<select
          class="mt-0.5 field text-base"
          value={dishKey(entry.what.dish)}
          onchange={(e) => setSource(e.currentTarget.value)}
        >
          <option value={written}>scratch, as written</option>
          {#each withBags as made (made.id)}<option value={made.id}
              >{codeOf(refOf(made))}: {made.summary}</option
            >{/each}
        </select></label
      >
    {/if}
    {#if twoReleases}
      <label class="text-[13px] text-muted"
        >release<select
          class="mt-0.5 field text-base"
          value={entry.what.otherRelease === null
            ? ''
            : entry.what.otherRelease
              ? 'other'
              : 'written'}
          onchange={(e) => setRelease(e.currentTarget.value)}
        >
          <option value="">let the plan choose</option>
          <option value="written"
            >{cycle?.kind === 'pressure' ? RELEASE[cycle.release.kind] : ''}</option
          >
          <option value="other">{RELEASE[twoReleases.kind]}</option>
        </select></label
      >
    {/if}
    {#if cycle?.kind === 'pressure' && levels.length > 1}
      <label class="text-[13px] text-muted"
        >pressure<select
          class="mt-0.5 field text-base"
          value={entry.what.level ?? ''}
          onchange={(e) =>
            model.changeEntry(entry.id, {
              what: { level: (e.currentTarget.value || null) as Level | null },
            })}
        >
          <option value="">{cycle.level}, or let the plan choose</option>
          {#each levels as level (level)}<option value={level}>{level}</option>{/each}
        </select></label
      >
    {/if}
    {#if recut || entry.what.smaller}
      <label class="flex min-h-9 items-center gap-2"
        ><input
          type="checkbox"
          class="tick"
          checked={entry.what.smaller}
          onchange={(e) =>
            model.changeEntry(entry.id, { what: { smaller: e.currentTarget.checked } })}
        />{recut
          ? `cut to ${sayLength(recut.toMm, model.kitchen)} instead of ${sayLength(recut.fromMm, model.kitchen)}: pressure cook ${recut.hold} min, not ${recut.was}`
          : 'cut smaller'}</label
      >
    {/if}
    {#if (cycle && !entry.what.bags) || entry.what.inRuns}
      <label class="flex min-h-9 items-center gap-2"
        ><input
          type="checkbox"
          class="tick"
          checked={entry.what.inRuns}
          onchange={(e) =>
            model.changeEntry(entry.id, { what: { inRuns: e.currentTarget.checked } })}
        />pressure-cook it in runs where no pot takes it at once, and do the rest once</label
      >
    {/if}
    {#if hasAhead}
      <label class="flex min-h-9 items-center gap-2"
        ><input
          type="checkbox"
          class="tick"
          checked={entry.when.ahead}
          onchange={(e) =>
            model.changeEntry(entry.id, { when: { ahead: e.currentTarget.checked } })}
        />do what you can the day before</label
      >
    {/if}
    {#if (model.kitchen.oven && isServedHot(dish) && !entry.what.bags) || entry.where.keepHot}
      <label class="flex min-h-9 items-center gap-2"
        ><input
          type="checkbox"
          class="tick"
          checked={entry.where.keepHot}
          onchange={(e) =>
            model.changeEntry(entry.id, { where: { keepHot: e.currentTarget.checked } })}
        />keep it hot in the oven at {formatTemperature(LOW_OVEN_C, model.kitchen.scale, 5)} until it
        is served</label
      >
    {/if}
    {#if cycle && others.length > 0 && !isLower}
      <label class="text-[13px] text-muted"
        >in one cycle, in a pan over<select
          class="mt-0.5 field text-base"
          value={entry.where.over ?? (entry.where.alone ? ALONE : '')}
          onchange={(e) => setOver(e.currentTarget.value)}
        >
          <option value="">nothing, unless the meal would be late</option>
          <option value={ALONE}>nothing: its own cycle</option>
          {#each others as other (other.id)}<option value={other.id}
              >{nameOf(other.what.dish)}</option
            >{/each}
        </select></label
      >
    {/if}
    {#if hands > 1 && model.kitchen.cooks.length > 0}
      <label class="text-[13px] text-muted"
        >done by<select
          class="mt-0.5 field text-base"
          value={entry.where.cook ?? ''}
          onchange={(e) =>
            model.changeEntry(entry.id, { where: { cook: e.currentTarget.value || null } })}
        >
          <option value="">whoever is free</option>
          {#each model.kitchen.cooks as cook (cook.id)}<option value={cook.id}>{cook.name}</option
            >{/each}
        </select></label
      >
    {/if}
    {#if !bag}<BagFields {model} {entry} sizes={model.bulkSizes[entry.id] ?? []} />{/if}
    <div class="grid grid-cols-2 gap-2">
      <label class="text-[13px] text-muted"
        >portions kept back<select
          class="mt-0.5 field text-base"
          value={entry.forWhom.keep?.portions ?? 0}
          onchange={(e) => keep(Number(e.currentTarget.value), entry.forWhom.keep?.later ?? 120)}
        >
          {#each [0, 0.5, 1, 2, 3, 4] as n (n)}<option value={n}>{n === 0 ? 'none' : n}</option
            >{/each}
        </select></label
      >
      {#if entry.forWhom.keep}
        <label class="text-[13px] text-muted"
          >eaten<select
            class="mt-0.5 field text-base"
            value={entry.forWhom.keep.later}
            onchange={(e) => keep(entry.forWhom.keep?.portions ?? 1, Number(e.currentTarget.value))}
          >
            {#each [30, 60, 90, 120, 150, 180, 240] as minutes (minutes)}<option value={minutes}
                >{minutes / 60} h later</option
              >{/each}
          </select></label
        >
      {/if}
    </div>
  </div>
</details>
