<script lang="ts">
  /** How full a freezer or fridge is, about. */
  import type { RoomTaken } from '$core/storage';

  let { room, label }: { room: RoomTaken; label: string } = $props();

  const FULL = 0.9;
  const percent = $derived(Math.round(room.share * 100));
  const words = $derived(
    room.share > 1
      ? `more than it holds: about ${Math.round(room.taken)} of ${room.place.litres} l`
      : `about ${Math.round(room.taken)} of ${room.place.litres} l`,
  );
</script>

<span class="flex flex-wrap items-center gap-x-2 text-[15px] text-muted">
  <span class="font-semibold text-ink">{label}</span>
  <span class="h-2 w-24 overflow-hidden rounded-full bg-line" aria-hidden="true"
    ><span
      class="block h-full {room.share > FULL ? 'bg-pimento' : 'bg-olive'}"
      style:width="{Math.min(100, percent)}%"
    ></span></span
  >
  {words}
</span>
