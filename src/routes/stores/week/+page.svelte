<script lang="ts">
  import { goto } from '$app/navigation';
  import { formatDay } from '$core/units';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();

  const title = (day: string): string =>
    formatDay(Date.parse(`${day}T12:00:00Z`), { ...data.kitchen, zone: 'UTC' });
  const chosen = $derived(data.week.days.filter((d) => d.proposal));
  let left = $state<string[]>([]);
  const count = $derived(chosen.filter((d) => !left.includes(d.day)).length);

  function address(change: { servings?: number; busy?: string[]; not?: string[] }): string {
    const busy = change.busy ?? data.week.days.filter((d) => d.hasNoTime).map((d) => d.day);
    const params = [
      `for=${change.servings ?? data.week.servings}`,
      ...busy.map((day) => `busy=${day}`),
      ...(change.not ?? data.refused).map((id) => `not=${encodeURIComponent(id)}`),
    ];
    return `?${params.join('&')}`;
  }
  const ask = (change: Parameters<typeof address>[0]): Promise<void> =>
    goto(address(change), { keepFocus: true, noScroll: true, replaceState: true });
  function setBusy(day: string, isBusy: boolean): void {
    const others = data.week.days.filter((d) => d.hasNoTime && d.day !== day).map((d) => d.day);
    void ask({ busy: isBusy ? [...others, day] : others });
  }
  function pick(day: string, on: boolean): void {
    left = on ? left.filter((d) => d !== day) : [...left, day];
  }
</script>

<svelte:head><title>A week from stock · Olive Clock</title></svelte:head>

<header class="flex flex-wrap items-end justify-between gap-3">
  <div>
    <h1 class="text-4xl font-extrabold tracking-tight">A week from stock</h1>
    <p class="mt-1 max-w-[60ch] text-muted">
      What is due first, no dish twice in a row, and only heating on days with no time. It proposes;
      you choose.
    </p>
  </div>
  <label class="label grid"
    >For how many<select
      class="mt-1 field w-24 text-ink"
      value={data.week.servings}
      onchange={(e) => void ask({ servings: Number(e.currentTarget.value) })}
    >
      {#each [1, 2, 3, 4, 5, 6, 8, 10] as n (n)}<option value={n}>{n}</option>{/each}
    </select></label
  >
</header>

<form method="POST" action={address({}).replace('?', '?/take&')} class="mt-6">
  <ol class="grid gap-2">
    {#each data.week.days as { day, planned, hasNoTime, proposal } (day)}
      <li
        class="grid items-center gap-x-4 gap-y-1 card px-4 py-3 sm:grid-cols-[11rem_minmax(0,1fr)_auto]"
      >
        <span>
          <b class="block">{title(day)}</b>
          {#if planned.length === 0}
            <label class="flex min-h-9 items-center gap-2 text-[15px] text-muted"
              ><input
                type="checkbox"
                class="size-5 accent-olive"
                checked={hasNoTime}
                onchange={(e) => setBusy(day, e.currentTarget.checked)}
              />no time<span class="sr-only"> on {title(day)}</span></label
            >
          {/if}
        </span>
        {#if planned.length > 0}
          <span class="sm:col-span-2">
            {#each planned as meal (meal.id)}<a
                class="font-semibold underline-offset-4 hover:underline"
                href="/meals/{meal.id}">{meal.name}</a
              >{/each}
            <span class="block text-[15px] text-muted">planned already</span>
          </span>
        {:else if proposal}
          <label class="flex min-h-11 items-center gap-3"
            ><input
              type="checkbox"
              name="day"
              value={day}
              class="size-5 accent-olive"
              checked={!left.includes(day)}
              onchange={(e) => pick(day, e.currentTarget.checked)}
            />
            <span
              ><b>{proposal.name}</b>
              <span
                class="ml-1 rounded px-1.5 py-0.5 text-sm font-semibold {proposal.kind === 'stock'
                  ? 'bg-brine-soft text-brine'
                  : 'bg-leaf-soft text-olive'}"
                >{proposal.kind === 'stock' ? 'from stock' : 'fresh'}</span
              >
              <span class="block text-[15px] text-muted">{proposal.because.join(', ')}</span></span
            ></label
          >
          <button
            type="button"
            class="btn btn-quiet"
            onclick={() => void ask({ not: [...data.refused, `${day}:${proposal.id}`] })}
            >Something else<span class="sr-only"> on {title(day)}</span></button
          >
        {:else}
          <span class="text-muted sm:col-span-2"
            >{hasNoTime
              ? 'Nothing in stock is enough for so many. Fewer at the table, or some time to cook?'
              : 'Nothing left to propose.'}</span
          >
        {/if}
      </li>
    {/each}
  </ol>
  <div class="mt-5 flex flex-wrap items-center gap-3">
    <button class="btn btn-strong" disabled={count === 0}
      >{count === 0 ? 'Nothing chosen' : `Plan ${count} ${count === 1 ? 'meal' : 'meals'}`}</button
    >
    <a class="btn btn-quiet" href="/stores">Stores</a>
    {#if data.refused.length > 0}
      <button type="button" class="btn btn-quiet" onclick={() => void ask({ not: [] })}
        >Propose everything again</button
      >
    {/if}
    <p class="text-[15px] text-muted">
      Each becomes a meal at 18:30; what has to thaw goes into the fridge in time.
    </p>
  </div>
</form>
