<script lang="ts">
  import type { PageProps } from './$types';
  import MealPage from '$lib/ui/meal/meal-page.svelte';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>{data.meal.name} · Olive Clock</title></svelte:head>
{#key data.meal.id}<MealPage loaded={data} />{/key}
