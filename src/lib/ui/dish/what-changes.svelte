<script lang="ts">
  /** Every line that is not plain proportion, before and after, with its reason. */
  import type { Change } from '$core/cycle';

  interface Props {
    changes: readonly Change[];
    written: number;
    servings: number;
  }
  let { changes, written, servings }: Props = $props();
</script>

{#if changes.length > 0}
  <section aria-labelledby="changes" class="mt-8">
    <h2 id="changes" class="mb-2 text-xl font-bold">What changes at {servings}</h2>
    <div class="overflow-x-auto">
      <table class="w-full text-left">
        <thead class="text-sm text-muted">
          <tr>
            <th class="py-1 pr-4 font-normal"><span class="sr-only">What</span></th>
            <th class="py-1 pr-4 font-normal">for {written}</th>
            <th class="py-1 pr-4 font-normal">for {servings}</th>
            <th class="hidden py-1 font-normal sm:table-cell">because</th>
          </tr>
        </thead>
        <tbody>
          {#each changes as change, i (i)}
            <tr class="border-t border-line align-baseline">
              <th scope="row" class="py-1.5 pr-4 font-semibold first-letter:uppercase"
                >{change.what}<span class="block text-sm font-normal text-muted sm:hidden"
                  >{change.because}</span
                ></th
              >
              <td class="py-1.5 pr-4 whitespace-nowrap text-muted">{change.before}</td>
              <td class="py-1.5 pr-4 font-bold whitespace-nowrap">{change.after}</td>
              <td class="hidden py-1.5 text-[15px] text-muted sm:table-cell">{change.because}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    <p class="mt-2 text-sm text-muted">Everything else simply scales.</p>
  </section>
{/if}
