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

  interface Change {
    servings?: number;
    busy?: string[];
    not?: string[];
    on?: Record<string, string>;
  }
  function address(change: Change): string {
    const busy = change.busy ?? data.week.days.filter((d) => d.hasNoTime).map((d) => d.day);
    const params = [
      `for=${change.servings ?? data.week.servings}`,
      ...busy.map((day) => `busy=${day}`),
      ...(change.not ?? data.refused).map((id) => `not=${encodeURIComponent(id)}`),
      ...Object.entries(change.on ?? data.placed).map(
        ([day, id]) => `on=${encodeURIComponent(`${day}:${id}`)}`,
      ),
    ];
    return `?${params.join('&')}`;
  }
  const ask = (change: Change): Promise<void> =>
    goto(address(change), { keepFocus: true, noScroll: true, replaceState: true });
  function setBusy(day: string, isBusy: boolean): void {
    const others = data.week.days.filter((d) => d.hasNoTime && d.day !== day).map((d) => d.day);
    void ask({ busy: isBusy ? [...others, day] : others });
  }
  /** Puts a proposal on another day; what was there takes its place. */
  function move(from: string, to: string): void {
    const idOn = (day: string): string | undefined =>
      chosen.find((d) => d.day === day)?.proposal?.id;
    const [moved, back] = [idOn(from), idOn(to)];
    if (!moved) return;
    const { [from]: _, ...others } = data.placed;
    void ask({ on: { ...others, [to]: moved, ...(back ? { [from]: back } : {}) } });
  }
  /** Days that a proposal can go to. */
  const free = $derived(data.week.days.filter((d) => d.planned.length === 0).map((d) => d.day));
  function pick(day: string, on: boolean): void {
    left = on ? left.filter((d) => d !== day) : [...left, day];
  }
</script>

<svelte:head><title>A week from stock · Olive Clock</title></svelte:head>

<header class="flex flex-wrap items-end justify-between gap-3">
  <div>
    <h1 class="text-4xl font-extrabold tracking-tight">A week from stock</h1>
    <p class="mt-1 max-w-[60ch] text-muted">
      Uses what is due first, no dish twice in a row, and only reheating on busy days. You choose.
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
                class="tick"
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
              class="tick"
              checked={!left.includes(day)}
              onchange={(e) => pick(day, e.currentTarget.checked)}
            />
            <span
              ><b>{proposal.name}</b>
              <span
                class="ml-1 rounded px-1.5 py-0.5 text-sm font-semibold whitespace-nowrap {proposal.kind ===
                'stock'
                  ? 'bg-brine-soft text-brine'
                  : 'bg-leaf-soft text-olive'}"
                >{proposal.kind === 'stock' ? 'from stock' : 'fresh'}</span
              >
              <span class="block text-[15px] text-muted">{proposal.because.join(', ')}</span></span
            ></label
          >
          <span class="flex flex-wrap gap-1">
            <label
              ><span class="sr-only">Move {proposal.name} to another day</span><select
                class="field w-auto max-w-40 text-[15px]"
                value=""
                onchange={(e) => move(day, e.currentTarget.value)}
                ><option value="">Move to…</option>
                {#each free.filter((d) => d !== day && d <= (proposal.lastDay ?? d)) as other (other)}<option
                    value={other}>{title(other)}</option
                  >{/each}</select
              ></label
            >
            <button
              type="button"
              class="btn btn-quiet"
              onclick={() => {
                const { [day]: _, ...on } = data.placed;
                void ask({ not: [...data.refused, `${day}:${proposal.id}`], on });
              }}>Something else<span class="sr-only"> on {title(day)}</span></button
            >
          </span>
        {:else}
          <span class="text-muted sm:col-span-2"
            >{hasNoTime
              ? 'Nothing in stock is enough for so many. Fewer people, or some time to cook?'
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
    <a class="btn btn-quiet" href="/freezer">Freezer</a>
    {#if data.refused.length + Object.keys(data.placed).length > 0}
      <button type="button" class="btn btn-quiet" onclick={() => void ask({ not: [], on: {} })}
        >Propose everything again</button
      >
    {/if}
    <p class="text-[15px] text-muted">
      Each becomes a meal at 18:30; what has to thaw goes into the fridge in time.
    </p>
  </div>
</form>
