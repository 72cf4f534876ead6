<script lang="ts">
  import { page } from '$app/state';
</script>

<svelte:head><title>{page.status} · Olive Clock</title></svelte:head>
<div class="max-w-xl py-16">
  <p class="text-muted">{page.status}</p>
  <h1 class="text-3xl font-bold">{page.error?.message}</h1>
  {#if page.error?.remedy}<p class="mt-3 text-lg">{page.error.remedy}</p>{/if}
  {#if page.error?.number}
    <p class="mt-3 text-muted">
      In the log it has the number <code>{page.error.number}</code>.
    </p>
  {/if}
  <a href="/meals" class="mt-6 btn">To the meals</a>
</div>
