<script lang="ts">
  /** Lunches for the week: who, on which days, and which dish on which of them. */
  import { dishKey } from '$core/dish';
  import { daysOf, lunchesSchema, type Lunches } from '$core/meal';
  import { placedBoxes } from '$core/menu';
  import { addDays } from '$core/storage';
  import { dayKey, shortDay, weekday } from '$core/units';
  import type { MealState } from './meal-state.svelte';

  interface Props {
    model: MealState;
  }
  let { model }: Props = $props();

  /** From the day after it is cooked: a week and the start of the next. */
  const OFFERED = 10;
  const WEEKDAYS = 5;

  const lunches = $derived(model.meal.lunches);
  const packedOn = $derived(dayKey(Date.parse(model.meal.serveAt), model.meal.zone));
  const offered = $derived(
    [
      ...new Set([
        ...Array.from({ length: OFFERED }, (_, i) => addDays(packedOn, i + 1)),
        ...(lunches?.days ?? []),
      ]),
    ].sort(),
  );
  const isWorkday = (day: string): boolean => !['Sat', 'Sun'].includes(weekday(day));
  const dishes = $derived(new Map(model.dishes.map((d) => [d.id, d])));
  const parts = $derived(
    model.meal.entries.flatMap((entry) => {
      const dish = dishes.get(dishKey(entry.what.dish));
      return dish && !entry.what.bags ? [{ id: entry.id, name: dish.name }] : [];
    }),
  );
  const bagged = $derived(
    model.meal.entries.flatMap((entry) => {
      const dish = dishes.get(dishKey(entry.what.dish));
      return dish && entry.what.bags ? [{ id: entry.id, name: dish.name }] : [];
    }),
  );
  const boxes = $derived(placedBoxes(model.meal, dishes, packedOn, model.kitchen));
  const frozen = $derived(boxes.filter((b) => b.place === 'freezer').map((b) => b.day));
  let problem = $state('');

  function set(next: Lunches | null): void {
    problem = '';
    if (next === null) return model.change((meal) => ({ ...meal, lunches: null }));
    const checked = lunchesSchema.safeParse(next);
    if (!checked.success) {
      problem = checked.error.issues[0]?.message ?? '';
      return;
    }
    model.change((meal) => ({ ...meal, lunches: checked.data, boxes: null }));
  }
  function begin(): void {
    const days = offered.filter(isWorkday).slice(0, WEEKDAYS);
    const named = model.meal.eaters.map((e) => e.name);
    set({ people: named.length > 0 ? named : ['Me'], days, menu: {} });
  }
  function setPeople(text: string): void {
    const people = text
      .split(/[,;\n]/)
      .map((name) => name.trim())
      .filter(Boolean);
    if (lunches) set({ ...lunches, people });
  }
  function setDay(day: string, isOn: boolean): void {
    if (!lunches) return;
    set({
      ...lunches,
      days: isOn ? [...lunches.days, day] : lunches.days.filter((d) => d !== day),
    });
  }
  function setDish(id: string, day: string, isOn: boolean): void {
    if (!lunches) return;
    const own = daysOf(lunches, id).filter((d) => d !== day);
    const days = isOn ? [...own, day] : own;
    const isAll = lunches.days.every((d) => days.includes(d));
    const { [id]: _, ...others } = lunches.menu;
    set({ ...lunches, menu: isAll ? others : { ...lunches.menu, [id]: days } });
  }
</script>

<section aria-labelledby="lunches" class="card p-4">
  <h3 id="lunches" class="text-lg font-bold">Lunches for the week</h3>
  {#if !lunches}
    <p class="text-[15px] text-muted">
      A box for each person and day, labelled, in the fridge or the freezer by its day.
    </p>
    <button type="button" class="mt-2 btn" onclick={begin}>Plan lunches</button>
  {:else}
    <label class="mt-2 block text-[13px] text-muted"
      >for, with commas between<input
        class="mt-0.5 field text-base"
        value={lunches.people.join(', ')}
        aria-invalid={problem !== ''}
        onchange={(e) => setPeople(e.currentTarget.value)}
      /></label
    >
    <fieldset class="mt-3">
      <legend class="text-[13px] text-muted">on</legend>
      <div class="flex flex-wrap gap-1">
        {#each offered as day (day)}
          <label
            class="flex min-h-11 cursor-pointer items-center rounded-lg border border-line-strong px-2.5 text-[15px] has-checked:border-olive has-checked:bg-leaf-soft has-checked:font-bold has-focus-visible:outline-2"
            ><input
              type="checkbox"
              class="sr-only"
              checked={lunches.days.includes(day)}
              onchange={(e) => setDay(day, e.currentTarget.checked)}
            />{weekday(day)}
            {shortDay(day, day)}</label
          >
        {/each}
      </div>
    </fieldset>
    {#if problem}<p class="mt-1 text-sm font-semibold text-pimento" role="alert">{problem}</p>{/if}
    {#if parts.length === 0}
      <p class="mt-2 text-[15px] text-muted">
        Add dishes, and say here on which days each is eaten.
      </p>
    {:else}
      <div class="mt-3 overflow-x-auto">
        <table class="w-full text-[15px]">
          <thead
            ><tr
              ><th class="text-left font-normal text-muted">dish</th>
              {#each lunches.days as day (day)}<th class="px-1 font-normal">{weekday(day)}</th
                >{/each}</tr
            ></thead
          >
          <tbody>
            {#each parts as part (part.id)}
              {@const own = daysOf(lunches, part.id)}
              <tr class="border-t border-line"
                ><th scope="row" class="py-1 pr-2 text-left font-semibold">{part.name}</th>
                {#each lunches.days as day (day)}<td class="px-1 text-center"
                    ><input
                      type="checkbox"
                      class="tick"
                      aria-label="{part.name} on {weekday(day)}"
                      checked={own.includes(day)}
                      onchange={(e) => setDish(part.id, day, e.currentTarget.checked)}
                    /></td
                  >{/each}</tr
              >
            {/each}
            <tr class="border-t border-line"
              ><th scope="row" class="py-1 text-left font-normal text-muted">until then</th>
              {#each lunches.days as day (day)}<td class="px-1 text-center text-[13px]"
                  >{boxes.some((b) => b.day === day)
                    ? frozen.includes(day)
                      ? 'frozen'
                      : 'fridge'
                    : 'none'}</td
                >{/each}</tr
            >
          </tbody>
        </table>
      </div>
      <p class="mt-2 text-[15px] text-muted">
        {boxes.length}
        {boxes.length === 1 ? 'box' : 'boxes'}{frozen.length > 0
          ? '; a frozen one goes down into the fridge the evening before, and you are reminded'
          : ''}.
      </p>
    {/if}
    {#if bagged.length > 0}
      <p class="mt-2 flex flex-wrap items-center gap-1 text-[15px] text-muted">
        In bags of their own:
        {#each bagged as one (one.id)}<button
            type="button"
            class="btn min-h-9 px-2.5 text-[15px]"
            onclick={() => model.changeEntry(one.id, { what: { bags: null } })}
            >{one.name} <span class="text-muted">into the lunches</span></button
          >{/each}
      </p>
    {/if}
    <button type="button" class="mt-2 btn btn-quiet" onclick={() => set(null)}>No lunches</button>
  {/if}
</section>
