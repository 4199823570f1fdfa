<script lang="ts">
  import type { IsoDay } from '$lib/core/time';
  import type { Player } from '$lib/data';
  import { ageText } from '$lib/words/dates';
  import { FAMILY_WORDS } from '$lib/words/families';

  /** Whose turn it is. */
  let { player, group, today }: { player: Player; group: string; today: IsoDay } = $props();
</script>

<div class="who">
  <h2 id="who">{player.name}</h2>
  <p class="soft">
    {[FAMILY_WORDS[player.family].toLowerCase(), ageText(player.birthMonth, today), group]
      .filter((part) => part)
      .join(' · ')}
  </p>
</div>

<style>
  .who {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 1rem;
  }
  .who h2 {
    font-size: 2.2rem;
    font-weight: 750;
    letter-spacing: -0.01em;
    overflow-wrap: anywhere;
  }
</style>
