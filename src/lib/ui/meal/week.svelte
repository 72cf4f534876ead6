<script lang="ts">
  /** Seven days: meals, what is begun the day before, shopping, and what is due to be used. */
  import { formatDay, type ClockStyle } from '$core/units';
  import type { Week } from '$lib/server/week';

  let { week, style }: { week: Week; style: ClockStyle } = $props();
  const LOOK = {
    meal: 'border-pimento bg-salt font-semibold',
    lead: 'border-brine bg-brine-soft',
    shop: 'border-olive bg-leaf-soft',
    due: 'border-ember bg-ember-soft',
  } as const;
  const WORD = { meal: 'On the table', lead: 'Begin', shop: 'Shop', due: 'Due' } as const;
  /** Noon of the day: the same day in every zone that reads it. */
  const title = (key: string): string =>
    formatDay(Date.parse(`${key}T12:00:00Z`), { ...style, zone: 'UTC' });
</script>

<section class="mt-6" aria-label="Week">
  <div class="mb-3 flex flex-wrap items-center gap-2">
    <a class="btn" href="/meals?week={week.offset - 1}">Week before</a>
    <a class="btn" href="/meals?week={week.offset + 1}">Week after</a>
    {#if week.offset !== 0}<a class="btn btn-quiet" href="/meals?week=0">This week</a>{/if}
    <a class="ml-auto btn btn-quiet" href="/calendar.ics">Calendar to subscribe to</a>
  </div>
  <ol class="grid gap-2 lg:grid-cols-7">
    {#each week.days as day (day.key)}
      <li
        class="min-h-24 card p-2.5 lg:min-h-72 {day.isToday ? 'border-2 border-olive' : ''}"
        aria-current={day.isToday ? 'date' : undefined}
      >
        <h2 class="mb-2 text-[15px] leading-tight font-bold">{title(day.key)}</h2>
        <ul class="grid gap-1.5">
          {#each day.items as item, i (i)}
            <li>
              <a
                href={item.href}
                class="block rounded-md border-l-4 px-2 py-1 text-[15px] leading-snug hover:underline {LOOK[
                  item.kind
                ]}"
                ><span class="block text-[13px] text-muted"
                  >{item.time ? `${item.time} · ` : ''}{WORD[item.kind]}</span
                >{item.text}</a
              >
            </li>
          {:else}
            <li class="text-sm text-muted">nothing planned</li>
          {/each}
        </ul>
      </li>
    {/each}
  </ol>
</section>
