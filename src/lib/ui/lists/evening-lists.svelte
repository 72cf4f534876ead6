<script lang="ts">
  /** One evening: what is laid out before the first pot is hot, and which tools when. */
  import type { LayOutGroup, ToolUse } from '$core/lists';
  import { formatDay, formatTime, type ClockStyle } from '$core/units';
  import type { Ticks } from '$lib/client/ticks.svelte';
  import Tick from './tick.svelte';

  interface Props {
    evening: {
      id: string;
      name: string;
      serveAt: string;
      lists: { groups: LayOutGroup[]; tools: ToolUse[] } | null;
    };
    view: 'lay-out' | 'tools';
    style: ClockStyle;
    ticks: Ticks;
  }
  let { evening, view, style, ticks }: Props = $props();
  const at = $derived(Date.parse(evening.serveAt));
  const clock = (minute: number): string => formatTime(at + minute * 60_000, style);
</script>

<section class="mb-6" aria-labelledby="evening-{evening.id}">
  <h2 id="evening-{evening.id}" class="mb-2 text-xl font-bold">
    {evening.name} <span class="font-normal text-muted">{formatDay(at, style)}</span>
  </h2>
  {#if !evening.lists}
    <p class="card border-dashed p-4">
      Not planned yet. <a class="font-semibold underline" href="/meals/{evening.id}"
        >Open the meal</a
      >, and its order of work appears here.
    </p>
  {:else if view === 'lay-out'}
    <div class="gap-6 md:columns-2">
      {#each evening.lists.groups as group, index (index)}
        <div class="mb-4 break-inside-avoid card p-3">
          <h3 class="flex justify-between gap-3 px-2 font-bold">
            <span>{group.dish}</span><span class="text-muted">from {clock(group.start)}</span>
          </h3>
          <ul>
            {#each group.items as item (item.id)}
              <li>
                <Tick isDone={ticks.has(item.id)} ontoggle={() => ticks.toggle(item.id)}
                  >{item.text}</Tick
                >
              </li>
            {/each}
          </ul>
        </div>
      {/each}
    </div>
  {:else}
    <ul class="card p-3">
      {#each evening.lists.tools as use, index (index)}
        <li class="border-t border-line first:border-0">
          <Tick
            isDone={ticks.has(`${evening.id}.${use.tool}`)}
            ontoggle={() => ticks.toggle(`${evening.id}.${use.tool}`)}
          >
            <span class="grid grid-cols-[4rem_1fr] gap-x-2 sm:grid-cols-[4rem_12rem_1fr]"
              ><b>{clock(use.at)}</b><span class="font-semibold first-letter:uppercase"
                >{use.tool}</span
              ><span class="col-start-2 text-[15px] text-muted sm:col-start-3"
                >{use.dishes.join(', ')}</span
              ></span
            >
          </Tick>
        </li>
      {:else}
        <li class="text-muted">Nothing but the pots themselves.</li>
      {/each}
    </ul>
  {/if}
</section>
