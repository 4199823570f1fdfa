<script lang="ts">
  import type { Player, Setup } from '$lib/data';
  import CardView from '$lib/ui/CardView.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import { cardThen } from '$lib/ui/newest-card';
  import PdfButton from '$lib/ui/PdfButton.svelte';

  /** The card of a set-up as it was then, to be found again and printed. */
  let { player, setup }: { player: Player; setup: Setup } = $props();

  let open = $state(false);
</script>

<Fold name="card-{setup.version}" title="Its card" quiet bind:open>
  {#if open}
    {#await cardThen(player, setup) then card}
      {#if card}
        <CardView {card} />
        <PdfButton
          text="Card as PDF"
          fileName="card-set-up-{setup.version}.pdf"
          ask={(door, report) => door.cards([card], 'a6', report)}
        />
      {:else}
        <p class="soft">The size that it was made for was taken back.</p>
      {/if}
    {/await}
  {/if}
</Fold>
