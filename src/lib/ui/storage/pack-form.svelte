<script lang="ts">
  /** Packing: a dish of the household, or any food as it was bought or brought. */
  import { DateField } from '$lib/ui/controls';
  import { enhance } from '$app/forms';
  import { keeps, type StoreItem } from '$core/storage';
  import { ASK_GROUPS, kindOf } from '$core/food';
  import { knownName, type Kitchen, type Place } from '$core/kitchen';

  interface Props {
    dishes: readonly { id: string; name: string }[];
    places: readonly Place[];
    kitchen: Pick<Kitchen, 'foods'>;
    /** `2026-11-28` */
    today: string;
    errors: Record<string, string>;
  }
  let { dishes, places, kitchen, today, errors }: Props = $props();

  let what = $state<'dish' | 'food'>('dish');
  let food = $state('');
  let weight = $state('');
  let useBy = $state('');
  let group = $state('');
  let chosen = $state<string | null>(null);
  const where = $derived(chosen ?? places[0]?.id ?? 'freezer');
  const place = $derived<StoreItem['place']>(
    places.find((p) => p.id === where)?.kind ?? (where === 'fridge' ? 'fridge' : 'freezer'),
  );
  /** How long it keeps there, while the name is typed. */
  const known = $derived(knownName(kitchen, food));
  const isUnknown = $derived(food.trim() !== '' && kindOf(known) === null);
  const keeping = $derived.by(() => {
    if (food.trim() === '') return '';
    const answer = keeps(group || known, place);
    if ('unknown' in answer)
      return 'It is not known what this is, so it gets the shortest time: a day in the fridge or a month in the freezer. Choose what it is, or give the date printed on it.';
    const { days, because } = answer;
    if (!days) return `${because[1] ?? 'It does not keep here'}.`;
    const [from, to] = place === 'freezer' ? days.map((d) => Math.round(d / 30)) : days;
    const unit = place === 'freezer' ? 'months' : 'days';
    return `${because[0]?.replace(/^“.*?” k/, 'K')}: ${from === to ? to : `${from} to ${to}`} ${unit}.`;
  });
</script>

<section aria-labelledby="pack" class="card p-5">
  <h2 id="pack" class="mb-3 text-xl font-bold">Put in</h2>
  <form
    method="POST"
    action="?/pack"
    use:enhance={() =>
      async ({ result, update }) => {
        // What was chosen stays for the next one; what was typed of this one goes once it is in.
        await update({ reset: false });
        if (result.type !== 'success') return;
        [food, weight, useBy, group] = ['', '', '', ''];
      }}
    novalidate
    class="grid gap-3"
  >
    <fieldset class="grid grid-cols-2 gap-1 rounded-lg bg-leaf-soft p-1">
      <legend class="sr-only">What is put in</legend>
      {#each [['dish', 'A dish'], ['food', 'Something else']] as const as [value, label] (value)}
        <label
          class="flex min-h-10 cursor-pointer items-center justify-center rounded-md px-2 has-checked:bg-salt has-checked:font-bold has-focus-visible:outline-2"
          ><input
            type="radio"
            name="what"
            {value}
            bind:group={what}
            class="sr-only"
          />{label}</label
        >
      {/each}
    </fieldset>
    {#if what === 'dish'}
      <label class="label"
        >What<select name="dish" class="mt-1 field text-ink"
          >{#each dishes as dish (dish.id)}<option value={dish.id}>{dish.name}</option
            >{/each}</select
        ></label
      >
    {:else}
      <label class="label"
        >Its name<input
          name="food"
          class="mt-1 field text-ink"
          placeholder="ground lamb, peas, cooked rice"
          bind:value={food}
          aria-invalid={!!errors.food}
          aria-describedby="keeping"
        /></label
      >
      {#if keeping}<p id="keeping" class="-mt-1 text-sm text-muted">{keeping}</p>{/if}
      {#if isUnknown}<label class="label"
          >What is it?<select name="group" class="mt-1 field text-ink" bind:value={group}>
            <option value="">not known</option>
            {#each ASK_GROUPS as choice (choice)}<option value={choice}>{choice}</option>{/each}
          </select></label
        >{/if}
    {/if}
    <div class="grid grid-cols-2 gap-3">
      <label class="label"
        >{what === 'dish' ? 'Portions' : 'Packs'}<input
          name="portions"
          type="number"
          min="0.5"
          step="0.5"
          value={what === 'dish' ? 4 : 1}
          aria-invalid={!!errors.portions}
          class="mt-1 field text-ink"
        /></label
      >
      <label class="label"
        >Into the<select
          name="place"
          class="mt-1 field text-ink"
          value={where}
          onchange={(e) => (chosen = e.currentTarget.value)}
          >{#each places as p (p.id)}<option value={p.id}>{p.name}</option>{:else}<option
              value="freezer">freezer</option
            ><option value="fridge">fridge</option>{/each}</select
        ></label
      >
      {#if what === 'dish'}
        <label class="label"
          >It is<select name="state" class="mt-1 field text-ink"
            ><option value="cooked">cooked</option><option value="raw">still to cook</option
            ></select
          ></label
        >
        <label class="label"
          >Shape<select name="shape" class="mt-1 field text-ink"
            ><option value="flat">flat or in a box</option><option value="mound"
              >round, to fit the inner pot</option
            ></select
          ></label
        >
        <label class="label"
          >Thick, mm<input
            name="thicknessMm"
            type="number"
            min="5"
            max="200"
            value="40"
            aria-invalid={!!errors.thicknessMm}
            class="mt-1 field text-ink"
          /></label
        >
      {:else}
        <label class="label"
          >One pack weighs<input
            name="weight"
            class="mt-1 field text-ink"
            placeholder="500 g, 2 lb"
            bind:value={weight}
            aria-invalid={!!errors.weight}
          /></label
        >
        <DateField
          label="Use by, if printed"
          class="col-span-2"
          name="useBy"
          bind:value={useBy}
          invalid={!!errors.useBy}
        />
      {/if}
      <DateField
        label={what === 'dish' ? 'Packed on' : 'Put in on'}
        class="col-span-2"
        name="packedOn"
        value={today}
        invalid={!!errors.packedOn}
      />
    </div>
    {#each Object.values(errors).slice(0, 1) as error, i (i)}
      <p class="text-sm font-semibold text-pimento" role="alert">{error}</p>
    {/each}
    <button class="btn btn-strong">{what === 'dish' ? 'Pack it' : 'Put it in'}</button>
    {#if what === 'dish'}
      <p class="text-sm text-muted">
        Cool it within two hours first, shallow (USDA FSIS); <a
          class="underline"
          href="/answers?q=cool">see in Answers how fast</a
        >. Write the label before filling.
      </p>
    {/if}
  </form>
</section>
