<script lang="ts">
  /** Two dishes in one cycle: choose the other one, see what has to be agreed on, keep it. */
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import type { Outcome } from '$core/reason';
  import type { StackOffer } from '$core/cycle';

  interface Props {
    dishId: string;
    /** As shown: the stack is kept for so many. */
    servings: number;
    others: readonly { id: string; name: string }[];
    /** Null where no other dish is chosen yet. */
    offer: Outcome<StackOffer> | null;
    otherId: string;
    place: 'over' | 'under';
  }
  let { dishId, servings, others, offer, otherId, place }: Props = $props();

  function ask(id: string, where: string): void {
    const servings = page.url.searchParams.get('servings');
    const search = [
      ...(servings ? [`servings=${servings}`] : []),
      ...(id ? [`stack=${encodeURIComponent(id)}`, `place=${where}`] : []),
    ].join('&');
    void goto(`/dishes/${dishId}?${search}`, {
      replaceState: true,
      noScroll: true,
      keepFocus: true,
    });
  }
  const takers = $derived(
    offer?.ok ? offer.value.cookers.filter((c) => c.refusals.length === 0) : [],
  );
</script>

{#if others.length > 0}
  <section aria-labelledby="stack" class="print:hidden">
    <h2 id="stack" class="mb-2 text-xl font-bold">In one cycle with another</h2>
    <div class="flex flex-wrap gap-2">
      <select
        class="field w-auto min-w-0 flex-1"
        aria-label="The other dish"
        value={otherId}
        onchange={(e) => ask(e.currentTarget.value, place)}
      >
        <option value="">choose a dish…</option>
        {#each others as other (other.id)}<option value={other.id}>{other.name}</option>{/each}
      </select>
      <select
        class="field w-40"
        aria-label="Where the other dish lies"
        value={place}
        onchange={(e) => ask(otherId, e.currentTarget.value)}
      >
        <option value="over">in a pan above</option>
        <option value="under">below, loose</option>
      </select>
    </div>
    {#if offer && !offer.ok}
      {#each offer.problems as problem, index (index)}
        <div class="mt-2 banner banner-stop" role="status">
          <p class="font-semibold first-letter:uppercase">{problem.message}.</p>
          <p class="first-letter:uppercase">{problem.remedy}.</p>
        </div>
      {/each}
    {:else if offer}
      <div class="mt-2 banner {takers.length > 0 ? 'banner-good' : 'banner-stop'}" role="status">
        <p class="font-semibold">
          {takers.length > 0
            ? `They go together, in the ${takers.map((c) => c.name).join(' or the ')}`
            : 'They go together, but no cooker has the room'}
        </p>
        {#each offer.value.because as line, index (index)}<p
            class="text-[15px] first-letter:uppercase"
          >
            {line}.
          </p>{/each}
        {#each offer.value.cookers.filter((c) => c.refusals.length > 0) as cooker (cooker.id)}
          <p class="text-[15px]">
            <b>{cooker.name}: no,</b>
            {cooker.refusals[0]?.message}; {cooker.refusals[0]?.remedy}.
          </p>
        {/each}
        {#if takers.length > 0}
          <form method="POST" action="?/keepStack" class="mt-2">
            <input type="hidden" name="other" value={otherId} />
            <input type="hidden" name="place" value={place} />
            <input type="hidden" name="servings" value={servings} />
            <button class="btn">Keep it as a dish</button>
          </form>
        {/if}
      </div>
    {/if}
  </section>
{/if}
