<script lang="ts">
  import type { Player } from '$lib/data';
  import { finishFit } from '$lib/ui/day/line';
  import { Action } from '$lib/ui/action.svelte';

  /** Ends a fit: its records stay, the next player can come. A player of a line leads back to the line. */
  let {
    player,
    primary = false,
    label = 'Finished, next player'
  }: { player: Player; primary?: boolean; label?: string } = $props();

  const finishing = new Action();
  const finish = () => finishing.run(() => finishFit(player));
</script>

<button type="button" class="btn {primary ? 'act-next' : 'act'}" disabled={finishing.busy} onclick={finish}
  >{label}</button
>
