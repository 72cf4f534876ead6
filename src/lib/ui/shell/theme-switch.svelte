<script lang="ts">
  import Moon from '@lucide/svelte/icons/moon';
  import Sun from '@lucide/svelte/icons/sun';
  import { mode, toggleMode } from 'mode-watcher';

  const isDark = $derived(mode.current === 'dark');
</script>

<button
  type="button"
  onclick={toggleMode}
  class="flex min-h-14 w-full min-w-16 flex-col items-center justify-center gap-1 rounded-xl text-[13px] hover:bg-white/10"
>
  {#if isDark}
    <Sun size={20} strokeWidth={1.8} aria-hidden="true" />Light
  {:else}
    <Moon size={20} strokeWidth={1.8} aria-hidden="true" />Dark
  {/if}
</button>
