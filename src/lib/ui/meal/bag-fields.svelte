<script lang="ts">
  /** Into how many bags of which size a dish goes, how it is packed, and how many of them are for the fridge. */
  import { bagSizeSchema, MOST_BAGS, type BagSize, type MealEntry } from '$core/meal';
  import { formatQuantity, parseQuantity } from '$core/units';
  import type { MealState } from './meal-state.svelte';

  interface Props {
    model: MealState;
    entry: MealEntry;
    /** What dishes of the household take of it, where it is cooked in bulk. */
    sizes: readonly { name: string; grams: number }[];
  }
  let { model, entry, sizes }: Props = $props();

  type Bags = NonNullable<MealEntry['what']['bags']>;
  const NEW: Bags = { copies: 0, state: 'cooked', shape: 'flat', inFridge: 0 };
  const STATES = { raw: 'raw', browned: 'browned', cooked: 'cooked' } as const;
  const bags = $derived(entry.what.bags);
  let problem = $state('');

  const people = $derived(entry.forWhom.servings ?? model.meal.servings);
  const sizeWords = $derived(
    bags?.size
      ? formatQuantity(bags.size, isMetric(bags.size.unit) ? 'metric' : 'us')
      : `${people} people`,
  );
  function isMetric(unit: BagSize['unit']): boolean {
    return ['g', 'kg', 'ml', 'l'].includes(unit);
  }

  function set(change: Partial<Bags>): void {
    const next = { ...NEW, ...bags, ...change };
    const inFridge = Math.min(next.inFridge, next.copies);
    model.changeEntry(entry.id, {
      what: { bags: next.copies > 0 ? { ...next, inFridge } : null },
    });
  }
  /** A whole number within its bounds; nothing is changed where it is none, and that is said. */
  function whole(field: HTMLInputElement, most: number, take: (n: number) => void): void {
    const n = Number(field.value);
    const isGood = field.value.trim() !== '' && Number.isInteger(n) && n >= 0 && n <= most;
    problem = isGood ? '' : `A whole number from 0 to ${most}.`;
    if (isGood) take(n);
  }
  function setSize(text: string): void {
    problem = '';
    const counted = /^\s*(\d+(?:[.,]\d+)?)\s*(?:people|persons?|portions?|servings?)?\s*$/i.exec(
      text,
    );
    if (counted) {
      const servings = Number((counted[1] ?? '').replace(',', '.'));
      if (servings < 1 || servings > 200) problem = 'A bag is for 1 to 200 people.';
      else {
        set({ size: undefined });
        model.changeEntry(entry.id, { forWhom: { servings } });
      }
      return;
    }
    const size = bagSizeSchema.safeParse(parseQuantity(text.trim()));
    if (size.success) set({ size: size.data });
    else problem = 'Write it as 4 people, 2 cups, 1 lb or 500 g.';
  }
</script>

<fieldset class="grid grid-cols-2 gap-2">
  <legend class="sr-only">Bags and boxes</legend>
  <label class="text-[13px] text-muted"
    >bags or boxes<input
      class="mt-0.5 field text-base"
      inputmode="numeric"
      value={bags?.copies ?? 0}
      onchange={(e) => whole(e.currentTarget, MOST_BAGS, (copies) => set({ copies }))}
    /></label
  >
  {#if bags}
    <label class="text-[13px] text-muted"
      >each for, or of<input
        class="mt-0.5 field text-base"
        value={sizeWords}
        placeholder="4 people, 2 cups, 1 lb"
        aria-invalid={problem !== ''}
        onchange={(e) => setSize(e.currentTarget.value)}
      /></label
    >
    <label class="text-[13px] text-muted"
      >packed<select
        class="mt-0.5 field text-base"
        value={bags.state}
        onchange={(e) => set({ state: e.currentTarget.value as keyof typeof STATES })}
      >
        {#each Object.entries(STATES) as [value, label] (value)}<option {value}>{label}</option
          >{/each}
      </select></label
    >
    <label class="text-[13px] text-muted"
      >of them in the fridge<input
        class="mt-0.5 field text-base"
        inputmode="numeric"
        value={bags.inFridge}
        onchange={(e) => whole(e.currentTarget, bags.copies, (inFridge) => set({ inFridge }))}
      /></label
    >
    {#if sizes.length > 0}
      <label class="col-span-2 text-[13px] text-muted"
        >as much as one of your dishes takes<select
          class="mt-0.5 field text-base"
          value=""
          onchange={(e) => {
            const grams = Number(e.currentTarget.value);
            if (grams > 0) set({ size: { amount: grams, unit: 'g' } });
          }}
        >
          <option value="">choose a dish</option>
          {#each sizes as { name, grams } (name)}<option value={grams}
              >{name}: {formatQuantity({ amount: grams, unit: 'g' }, model.kitchen.system)}</option
            >{/each}
        </select></label
      >
    {/if}
  {/if}
  {#if problem}<p class="col-span-2 text-sm font-semibold text-pimento" role="alert">
      {problem}
    </p>{/if}
</fieldset>
