<script lang="ts">
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const SPEEDS = [
    [1, 'real time'],
    [5, '5×'],
    [20, '20×'],
    [60, '60×'],
  ] as const;
  const MISHAPS = [
    ['valve', 'A valve is left open', 'Steam escapes, and the pin stays down.'],
    ['overheating', 'A pot reports overheating', 'Something has stuck to the bottom.'],
    ['weak-seal', 'A sealing ring leaks a little', 'It comes to pressure, but late.'],
    ['slow-element', 'A heater is weaker than its label', 'Everything in that pot takes longer.'],
  ] as const;
</script>

<svelte:head><title>Practice: {data.meal.name} · Olive Clock</title></svelte:head>

<p class="text-sm"><a href="/cook" class="text-muted hover:underline">Cook</a></p>
<h1 class="text-4xl font-extrabold tracking-tight">Practise “{data.meal.name}”</h1>
<p class="mt-1 max-w-prose text-muted">
  Practice with simulated cookers: nothing gets hot. Each behaves a little differently from its
  figures, as real ones do. At the end you get an honest report.
</p>

<form method="POST" class="mt-6 grid max-w-3xl gap-6">
  <input type="hidden" name="meal" value={data.meal.id} />
  <fieldset>
    <legend class="text-xl font-bold">How fast?</legend>
    <div class="mt-2 flex flex-wrap gap-2">
      {#each SPEEDS as [value, label] (value)}
        <label class="btn min-h-14 has-checked:border-olive has-checked:bg-leaf-soft"
          ><input type="radio" name="speed" {value} checked={value === 20} class="tick" />
          {label}</label
        >
      {/each}
    </div>
    <p class="mt-1 text-sm text-muted">It can be stopped and changed at any time.</p>
  </fieldset>
  <fieldset>
    <legend class="text-xl font-bold">What goes wrong?</legend>
    <div class="mt-2 grid gap-2 sm:grid-cols-2">
      {#each MISHAPS as [value, label, hint] (value)}
        <label
          class="flex items-start gap-3 card p-3 has-checked:border-olive has-checked:bg-leaf-soft"
          ><input type="checkbox" name="mishap" {value} class="mt-1 tick" /><span
            ><b>{label}</b><span class="block text-[15px] text-muted">{hint}</span></span
          ></label
        >
      {/each}
    </div>
    <p class="mt-1 text-sm text-muted">
      Each happens in one cycle; you don’t know which. Choose none for a quiet evening.
    </p>
  </fieldset>
  <fieldset>
    <legend class="text-xl font-bold">Whose hands?</legend>
    <div class="mt-2 flex flex-wrap gap-2">
      <label class="btn min-h-14 has-checked:border-olive has-checked:bg-leaf-soft"
        ><input type="radio" name="hands" value="me" checked class="tick" /> Mine: I tap</label
      >
      <label class="btn min-h-14 has-checked:border-olive has-checked:bg-leaf-soft"
        ><input type="radio" name="hands" value="itself" class="tick" /> Simulated: I watch</label
      >
    </div>
  </fieldset>
  {#if form?.problem}<p role="alert" class="font-semibold text-pimento">{form.problem}</p>{/if}
  <div><button class="btn min-h-16 btn-strong px-8 text-xl">Begin the practice</button></div>
</form>
