<script lang="ts">
  import { page } from '$app/state';
  import BookOpen from '@lucide/svelte/icons/book-open';
  import CircleQuestionMark from '@lucide/svelte/icons/circle-question-mark';
  import CookingPot from '@lucide/svelte/icons/cooking-pot';
  import HandPlatter from '@lucide/svelte/icons/hand-platter';
  import FlaskConical from '@lucide/svelte/icons/flask-conical';
  import Flame from '@lucide/svelte/icons/flame';
  import ListChecks from '@lucide/svelte/icons/list-checks';
  import Snowflake from '@lucide/svelte/icons/snowflake';
  import NotebookPen from '@lucide/svelte/icons/notebook-pen';
  import FindButton from './find-button.svelte';
  import Mark from './mark.svelte';
  import ThemeSwitch from './theme-switch.svelte';

  const PLACES = [
    { href: '/meals', name: 'Meals', icon: HandPlatter },
    { href: '/dishes', name: 'Dishes', icon: BookOpen },
    { href: '/lists', name: 'Lists', icon: ListChecks },
    { href: '/cook', name: 'Cook', icon: Flame },
    { href: '/freezer', name: 'Freezer', icon: Snowflake },
    { href: '/kitchen', name: 'Kitchen', icon: CookingPot },
    { href: '/log', name: 'Log', icon: NotebookPen },
    { href: '/answers', name: 'Answers', icon: FlaskConical },
  ];
</script>

<nav
  aria-label="Places"
  class="fixed inset-x-0 bottom-0 z-20 flex justify-around gap-0.5 bg-night px-1 pt-1 pb-[max(0.25rem,env(safe-area-inset-bottom))] text-on-night md:sticky md:inset-auto md:top-0 md:h-dvh md:w-[84px] md:flex-none md:flex-col md:justify-start md:overflow-y-auto md:px-1.5 md:py-3 print:hidden md:[@media(height<720px)]:py-1"
>
  <a
    href="/"
    class="mx-auto mb-2 hidden rounded-xl p-1 md:block md:[@media(height<720px)]:mb-0"
    aria-label="Olive Clock, to the meals"><Mark /></a
  >
  <FindButton
    class="order-last flex min-h-14 min-w-0 flex-1 flex-col items-center justify-center gap-1 rounded-xl text-[10px] hover:bg-white/10 sm:text-[11px] md:order-none md:flex-none md:text-[13px] md:[@media(height<720px)]:min-h-12"
  />
  {#each PLACES as place (place.href)}
    {@const here = page.url.pathname.startsWith(place.href)}
    <a
      href={place.href}
      aria-current={here ? 'page' : undefined}
      class="flex min-h-14 min-w-0 flex-1 flex-col items-center justify-center gap-1 rounded-xl text-[10px] hover:bg-white/10 sm:text-[11px] md:flex-none md:text-[13px] md:[@media(height<720px)]:min-h-12 {here
        ? 'bg-paper font-bold text-ink hover:bg-paper dark:bg-leaf-soft'
        : ''}"
    >
      <place.icon size={20} strokeWidth={1.8} aria-hidden="true" />
      {place.name}
    </a>
  {/each}
  <a
    href="/help"
    aria-current={page.url.pathname === '/help' ? 'page' : undefined}
    class="hidden min-h-14 flex-col items-center justify-center gap-1 rounded-xl text-[13px] hover:bg-white/10 md:mt-auto md:flex md:[@media(height<720px)]:min-h-12"
    ><CircleQuestionMark size={20} strokeWidth={1.8} aria-hidden="true" />Help</a
  >
  <div class="max-md:hidden"><ThemeSwitch /></div>
</nav>
