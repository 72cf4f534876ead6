<script lang="ts">
  /** Seven days: meals, packing, what is begun the day before, shopping, and what is due to be used. */
  import Plus from '@lucide/svelte/icons/plus';
  import { deserialize } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import { toast } from 'svelte-sonner';
  import { formatDay, type ClockStyle } from '$core/units';
  import { Menu } from '$lib/ui/controls';
  import type { Week, WeekItem } from '$lib/server/week';

  let { week, style }: { week: Week; style: ClockStyle } = $props();
  const LOOK = {
    meal: 'border-pimento bg-salt font-semibold',
    pack: 'border-olive bg-salt font-semibold',
    lead: 'border-brine bg-brine-soft',
    shop: 'border-olive bg-leaf-soft',
    due: 'border-ember bg-ember-soft',
  } as const;
  const WORD = {
    meal: 'On the table',
    pack: 'Packed',
    lead: 'Begin',
    shop: 'Shop',
    due: 'Due',
  } as const;
  /** Noon of the day: the same day in every zone that reads it. */
  const title = (key: string): string =>
    formatDay(Date.parse(`${key}T12:00:00Z`), { ...style, zone: 'UTC' });
  const today = $derived(week.days.find((d) => d.isToday)?.key ?? '');
  /** The day that a dragged meal is over. */
  let over = $state('');

  async function move(item: WeekItem, day: string, isBack = false): Promise<void> {
    over = '';
    if (!item.mealId || !day) return;
    const body = new FormData();
    body.set('id', item.mealId);
    body.set('day', day);
    const response = await fetch('/meals?/move', { method: 'POST', body });
    const result = deserialize(await response.text());
    await invalidateAll();
    if (result.type !== 'success') {
      toast.error(
        result.type === 'failure'
          ? String(result.data?.problem)
          : 'The server can’t be reached. Try again.',
      );
      return;
    }
    const from = String(result.data?.movedFrom);
    if (isBack || from === day) return;
    toast.success(`${item.text}: ${title(day)}.`, {
      action: { label: 'Undo', onClick: () => void move(item, from, true) },
    });
  }
  function drop(event: DragEvent, day: string): void {
    event.preventDefault();
    const id = event.dataTransfer?.getData('text/plain');
    const item = week.days.flatMap((d) => d.items).find((i) => i.mealId && i.mealId === id);
    if (item) void move(item, day);
  }
</script>

<section class="mt-6" aria-label="Week">
  <div class="mb-3 flex flex-wrap items-center gap-2">
    <a class="btn" href="/meals?week={week.offset - 1}">Week before</a>
    <a class="btn" href="/meals?week={week.offset + 1}">Week after</a>
    {#if week.offset !== 0}<a class="btn btn-quiet" href="/meals?week=0">This week</a>{/if}
    <span class="ml-auto"
      ><Menu label="More" about="suppers from stock, the calendar">
        <a class="menu-item" href="/freezer/week">A week from stock</a>
        <a class="menu-item" href="/calendar.ics">Calendar to subscribe to</a>
      </Menu></span
    >
  </div>
  <ol class="grid gap-2 lg:grid-cols-7">
    {#each week.days as day (day.key)}
      <li
        class="min-h-24 card p-2.5 lg:min-h-72 {day.isToday
          ? 'border-2 border-olive'
          : ''} {over === day.key ? 'bg-leaf-soft' : ''}"
        aria-current={day.isToday ? 'date' : undefined}
        ondragover={(e) => {
          e.preventDefault();
          over = day.key;
        }}
        ondragleave={() => (over = '')}
        ondrop={(e) => drop(e, day.key)}
      >
        <div class="mb-2 flex items-start justify-between gap-1">
          <h2 class="text-[15px] leading-tight font-bold">
            {title(day.key)}{#if day.isToday}<span class="block text-[13px] font-normal text-muted"
                >today</span
              >{/if}
          </h2>
          {#if day.key >= today || week.offset > 0}<a
              class="btn min-h-9 btn-quiet px-1.5"
              href="/meals?new&day={day.key}"
              ><Plus size={18} aria-hidden="true" /><span class="sr-only"
                >New meal on {title(day.key)}</span
              ></a
            >{/if}
        </div>
        <ul class="grid gap-1.5">
          {#each day.items as item, i (i)}
            <li
              class="rounded-md border-l-4 px-2 py-1 text-[15px] leading-snug {LOOK[item.kind]}"
              class:cursor-grab={!!item.mealId}
              draggable={!!item.mealId}
              ondragstart={(e) => e.dataTransfer?.setData('text/plain', item.mealId ?? '')}
            >
              <a href={item.href} class="block hover:underline"
                ><span class="block text-[13px] font-normal text-muted"
                  >{item.time ? `${item.time} · ` : ''}{WORD[item.kind]}</span
                >{item.text}</a
              >
              {#if item.mealId}
                <label
                  ><span class="sr-only">Move {item.text} to another day</span><select
                    class="mt-1 min-h-9 w-full rounded-md border border-line bg-transparent px-1 text-[13px] font-normal text-muted"
                    value=""
                    onchange={(e) => void move(item, e.currentTarget.value)}
                    ><option value="">Move to…</option>
                    {#each week.days.filter((d) => d.key !== day.key && d.key >= (item.fromDay ?? today)) as other (other.key)}<option
                        value={other.key}>{title(other.key)}</option
                      >{/each}</select
                  ></label
                >
              {/if}
            </li>
          {:else}
            <li class="text-sm text-muted">nothing planned</li>
          {/each}
        </ul>
      </li>
    {/each}
  </ol>
</section>
