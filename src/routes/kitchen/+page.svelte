<script lang="ts">
  import { untrack } from 'svelte';
  import { enhance } from '$app/forms';
  import { toast } from 'svelte-sonner';
  import { usualCooker, type Cooker } from '$core/kitchen';
  import BackupsCard from '$lib/ui/kitchen/backups-card.svelte';
  import ScreenCard from '$lib/ui/kitchen/screen-card.svelte';
  import Field from '$lib/ui/fields/field.svelte';
  import MeasureField from '$lib/ui/fields/measure-field.svelte';
  import { MEASURES } from '$lib/ui/fields/measures';
  import Fold from '$lib/ui/kitchen/fold.svelte';
  import CookerCard from '$lib/ui/kitchen/cooker-card.svelte';
  import PeopleCard from '$lib/ui/kitchen/people-card.svelte';
  import PlacesCard from '$lib/ui/kitchen/places-card.svelte';
  import ToolsCard from '$lib/ui/kitchen/tools-card.svelte';
  import HouseholdFile from '$lib/ui/kitchen/household-file.svelte';
  import NetworkCard from '$lib/ui/kitchen/network-card.svelte';
  import TrialCard from '$lib/ui/kitchen/trial-card.svelte';
  import { formatTemperature } from '$core/units';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  /** What is typed stays here until it is saved. */
  let kitchen = $state(untrack(() => structuredClone(data.kitchen)));
  const errors = $derived<Record<string, string>>(
    form && 'errors' in form ? (form.errors ?? {}) : {},
  );
  const isChanged = $derived(JSON.stringify(kitchen) !== JSON.stringify(data.kitchen));

  function freshId(name: string, taken: readonly { id: string }[]): string {
    let id = name;
    for (let n = 2; taken.some((t) => t.id === id); n++) id = `${name}-${n}`;
    return id;
  }
  function addCooker(): void {
    const id = freshId('cooker', kitchen.cookers);
    const cooker = usualCooker({ id, name: `Cooker ${kitchen.cookers.length + 1}`, litres: 5.7 });
    kitchen.cookers.push(cooker);
  }
  const APPLIANCES = [
    { kind: 'rice-cooker', name: 'Rice cooker', litres: 1.8 },
    { kind: 'slow-cooker', name: 'Slow cooker', litres: 5.7 },
    { kind: 'microwave', name: 'Microwave', litres: 20 },
  ] as const;
  const KIND = {
    'rice-cooker': 'Rice cooker',
    'slow-cooker': 'Slow cooker',
    microwave: 'Microwave',
  } as const;
  const zones = Intl.supportedValuesOf('timeZone');

  /** Whether something that is wrong lies in one of these parts of the kitchen. */
  const isWrongIn = (...parts: string[]): boolean =>
    Object.keys(errors).some((field) =>
      parts.some((part) => field === part || field.startsWith(`${part}.`)),
    );
  const heatSaid = $derived(
    [
      kitchen.oven
        ? `An oven with ${kitchen.oven.shelves === 1 ? 'one shelf' : `${kitchen.oven.shelves} shelves`}`
        : 'No oven',
      kitchen.burners === 1 ? '1 burner' : `${kitchen.burners} burners`,
      ...kitchen.appliances.map((a) => a.name || KIND[a.kind]),
      kitchen.hands === 1 ? 'one cook' : `${kitchen.hands} cooks`,
      `up from ${kitchen.day.from} to ${kitchen.day.to}`,
    ].join(' · '),
  );
  const height = $derived(MEASURES.altitude[kitchen.system]);
  const waysSaid = $derived(
    [
      `${Math.round(kitchen.altitudeM / height.size)} ${height.unit} above the sea`,
      kitchen.zone,
      kitchen.system === 'us' ? 'cups, pounds' : 'grams, ml',
      `°${kitchen.scale}`,
      kitchen.hours === 24 ? '24-hour clock' : '12-hour clock',
    ].join(' · '),
  );
</script>

<svelte:head><title>Kitchen · Olive Clock</title></svelte:head>

<form
  method="POST"
  action="?/save"
  novalidate
  use:enhance={() =>
    async ({ result, update }) => {
      await update({ reset: false });
      if (result.type === 'success') {
        kitchen = structuredClone(data.kitchen);
        toast.success('The kitchen is saved. Coming meals are planned with it.');
      }
    }}
>
  <input type="hidden" name="kitchen" value={JSON.stringify(kitchen)} />
  <header class="flex flex-wrap items-end justify-between gap-4">
    <div>
      <h1 class="text-4xl font-extrabold tracking-tight">Kitchen</h1>
      <p class="mt-1 text-muted">What you cook with. Every plan is based on this.</p>
    </div>
    <div
      class="flex items-center gap-3 {isChanged || Object.keys(errors).length > 0
        ? 'max-md:fixed max-md:inset-x-3 max-md:bottom-20 max-md:z-10 max-md:justify-between max-md:rounded-2xl max-md:border max-md:border-line-strong max-md:bg-salt max-md:p-3 max-md:shadow-lg md:sticky md:top-3'
        : ''}"
    >
      {#if Object.keys(errors).length > 0}<p class="font-semibold text-pimento" role="alert">
          Not saved: check the marked fields.
        </p>{:else if isChanged}<p class="font-semibold text-ember-ink">Not saved yet</p>{/if}
      {#if isChanged || Object.keys(errors).length > 0}<button class="btn btn-strong"
          >Save the kitchen</button
        >{/if}
    </div>
  </header>

  <section aria-labelledby="cookers" class="mt-6">
    <div class="mb-3 flex items-center justify-between">
      <h2 id="cookers" class="text-xl font-bold">Cookers</h2>
      <button type="button" class="btn" onclick={addCooker}>Add a cooker</button>
    </div>
    <ul class="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
      {#each kitchen.cookers as cooker, i (cooker.id)}
        <CookerCard
          bind:cooker={kitchen.cookers[i] as Cooker}
          system={kitchen.system}
          school={kitchen.school}
          circuits={kitchen.circuits}
          altitudeM={kitchen.altitudeM}
          told={data.told.filter(
            (t) => t.id === `power.${cooker.id}` || t.id === `loss.${cooker.id}`,
          )}
          errors={(field) => errors[`cookers.${i}.${field}`]}
          isWrong={isWrongIn(`cookers.${i}`)}
          isNew={!data.kitchen.cookers.some((c) => c.id === cooker.id)}
          onremove={() => (kitchen.cookers = kitchen.cookers.filter((c) => c.id !== cooker.id))}
        />
      {:else}
        <li class="card border-dashed p-6">
          <p class="text-lg font-semibold">No cooker yet.</p>
          <p class="text-muted">Add one: its size and its watts are on the label underneath.</p>
        </li>
      {/each}
    </ul>
  </section>

  <div class="mt-8 gap-8 lg:columns-2 [&>*]:mb-8 [&>*]:break-inside-avoid">
    <Fold
      id="heat"
      title="Oven, stove, hands"
      said={heatSaid}
      isWrong={isWrongIn('oven', 'appliances', 'burners', 'hands', 'day')}
    >
      <label class="flex min-h-11 items-center gap-3"
        ><input
          type="checkbox"
          class="tick"
          checked={kitchen.oven !== null}
          onchange={(e) =>
            (kitchen.oven = e.currentTarget.checked ? { shelves: 1, heatMinutes: 12 } : null)}
        /> There is an oven</label
      >
      {#if kitchen.oven}
        <div class="grid grid-cols-2 gap-3">
          <Field
            name="shelves"
            label="Shelves used at once"
            type="number"
            bind:value={kitchen.oven.shelves}
            error={errors['oven.shelves']}
          />
          <Field
            name="heat"
            label="Cold to {formatTemperature(200, kitchen.scale, 5)}"
            unit="min"
            type="number"
            bind:value={kitchen.oven.heatMinutes}
            error={errors['oven.heatMinutes']}
          />
        </div>
      {/if}
      <ul class="grid gap-3">
        {#each kitchen.appliances as appliance, i (appliance.id)}
          <li class="grid grid-cols-[1fr_6rem_auto] items-end gap-2">
            <Field
              name="appliance-{i}"
              label={KIND[appliance.kind]}
              bind:value={appliance.name}
              error={errors[`appliances.${i}.name`]}
            />
            {#if appliance.kind === 'microwave'}
              <Field
                name="appliance-watts-{i}"
                label="Watts"
                type="number"
                bind:value={appliance.watts}
                error={errors[`appliances.${i}.watts`]}
              />
            {:else}<MeasureField
                name="appliance-litres-{i}"
                label="Size"
                measure="capacity"
                system={kitchen.system}
                bind:value={appliance.litres}
                error={errors[`appliances.${i}.litres`]}
              />{/if}
            <button
              type="button"
              class="btn btn-quiet px-2"
              onclick={() =>
                (kitchen.appliances = kitchen.appliances.filter((a) => a.id !== appliance.id))}
              >Remove<span class="sr-only"> {appliance.name}</span></button
            >
          </li>
        {/each}
      </ul>
      <div class="flex flex-wrap gap-2">
        {#each APPLIANCES as { kind, name, litres } (kind)}
          <button
            type="button"
            class="btn flex-1"
            disabled={kitchen.appliances.length >= 6}
            onclick={() =>
              kitchen.appliances.push({
                id: freshId(kind, [...kitchen.cookers, ...kitchen.appliances]),
                ...{ name, kind, litres, watts: null },
              })}>Add a {name.toLowerCase()}</button
          >
        {/each}
      </div>
      <div class="grid grid-cols-2 gap-3">
        <Field
          name="burners"
          label="Burners"
          type="number"
          bind:value={kitchen.burners}
          error={errors.burners}
        />
        <Field
          name="hands"
          label="Cooks"
          type="number"
          bind:value={kitchen.hands}
          disabled={kitchen.cooks.length > 0}
          error={errors.hands}
        />
        <Field
          name="day-from"
          label="Your day begins at, hour"
          type="number"
          min="0"
          max="12"
          bind:value={kitchen.day.from}
          error={errors['day.from']}
        />
        <Field
          name="day-to"
          label="and ends at, hour"
          type="number"
          min="15"
          max="23"
          bind:value={kitchen.day.to}
          error={errors['day.to']}
        />
      </div>
      <p class="text-sm text-muted">
        What is done the evening before is done by then, and nothing is planned before you are up
        without saying so.
      </p>
    </Fold>

    <ToolsCard
      bind:tools={kitchen.tools}
      system={kitchen.system}
      isWrong={isWrongIn('tools')}
      errors={(field) => errors[`tools.${field}`]}
      {freshId}
    />

    <PeopleCard
      bind:kitchen
      {errors}
      isWrong={isWrongIn('cooks', 'circuits')}
      {freshId}
      told={data.told.filter((t) => t.id.startsWith('pace.'))}
    />

    <PlacesCard
      bind:places={kitchen.places}
      bind:riceDays={kitchen.riceDays}
      system={kitchen.system}
      isWrong={isWrongIn('places', 'riceDays')}
      errors={(field) => errors[`places.${field}`]}
      {freshId}
    />

    <Fold
      id="ways"
      title="Place and habits"
      said={waysSaid}
      isWrong={isWrongIn('altitudeM', 'zone', 'system', 'scale', 'hours', 'weekStart', 'school')}
    >
      <MeasureField
        name="altitude"
        label="Altitude"
        measure="altitude"
        system={kitchen.system}
        bind:value={kitchen.altitudeM}
        error={errors.altitudeM}
      />
      <label class="text-sm text-muted"
        >Time zone
        <select class="mt-1 field text-ink" bind:value={kitchen.zone}
          >{#each zones.includes(kitchen.zone) ? zones : [kitchen.zone, ...zones] as zone (zone)}<option
              >{zone}</option
            >{/each}</select
        >
      </label>
      <div class="grid grid-cols-2 gap-3">
        <label class="text-sm text-muted"
          >Measures<select class="mt-1 field text-ink" bind:value={kitchen.system}
            ><option value="metric">grams, ml</option><option value="us">cups, pounds</option
            ></select
          ></label
        >
        <label class="text-sm text-muted"
          >Temperature<select class="mt-1 field text-ink" bind:value={kitchen.scale}
            ><option value="C">°C</option><option value="F">°F</option></select
          ></label
        >
        <label class="text-sm text-muted"
          >Clock<select class="mt-1 field text-ink" bind:value={kitchen.hours}
            ><option value={24}>18:30</option><option value={12}>6:30 pm</option></select
          ></label
        >
        <label class="text-sm text-muted"
          >Weeks begin on<select class="mt-1 field text-ink" bind:value={kitchen.weekStart}
            ><option value="monday">Monday</option><option value="sunday">Sunday</option><option
              value="saturday">Saturday</option
            ></select
          ></label
        >
        <label class="text-sm text-muted"
          >Least liquid<select class="mt-1 field text-ink" bind:value={kitchen.school}
            ><option value="by-size">by the cooker’s size</option><option value="one-cup"
              >one cup in any</option
            ><option value="with-juices">by size, with the juices counted</option></select
          ></label
        >
      </div>
      <p class="text-sm text-muted">The cooker’s manual comes before these rules of thumb.</p>
    </Fold>
  </div>
</form>

<TrialCard meals={data.mealsToTry} />

<HouseholdFile
  photos={data.photos}
  problems={form && 'fileProblems' in form ? (form.fileProblems ?? []) : []}
  opened={form && 'opened' in form ? (form.opened ?? null) : null}
  before={form && 'before' in form && typeof form.before === 'string' ? form.before : null}
  onopened={() => (kitchen = structuredClone(data.kitchen))}
/>

<BackupsCard
  {...data.backups}
  style={data.kitchen}
  said={form && 'backedUp' in form ? (form.backedUp ?? null) : null}
  problem={form && 'backupProblem' in form ? (form.backupProblem ?? null) : null}
  onback={() => (kitchen = structuredClone(data.kitchen))}
/>

<ScreenCard />

<NetworkCard
  link={data.screenLink}
  address={data.address}
  devices={data.devices}
  own={data.own}
  problem={form && 'deviceProblem' in form ? (form.deviceProblem ?? null) : null}
  style={{ zone: data.kitchen.zone, hours: data.kitchen.hours }}
/>
