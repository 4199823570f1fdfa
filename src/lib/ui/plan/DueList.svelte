<script lang="ts">
  import type { byPlayer } from '$lib/core/plan';
  import type { Player } from '$lib/data';
  import { clock } from '$lib/ui/clock.svelte';
  import { duesText } from '$lib/words/plan';

  /** Who is due for what, each with a way there. */
  let {
    dues,
    players,
    most,
    hrefOf
  }: {
    dues: ReturnType<typeof byPlayer>;
    players: Readonly<Record<string, Player | undefined>>;
    /** More of them are only counted. */
    most: number;
    hrefOf: (player: Player, dues: ReturnType<typeof byPlayer>[number]['dues']) => string;
  } = $props();
</script>

<ul>
  {#each dues.slice(0, most) as { playerId, dues: mine } (playerId)}
    {@const player = players[playerId]}
    {#if player}
      <li class:pain={mine[0]?.kind === 'pain'}>
        <a href={hrefOf(player, mine)}>{player.name}</a>
        {duesText(mine, clock.today)}
      </li>
    {/if}
  {/each}
  {#if dues.length > most}<li class="soft">and {dues.length - most} more</li>{/if}
</ul>

<style>
  ul {
    columns: 2 18rem;
  }
  /* As high as a finger needs it; a long name and what is due stay one entry. */
  li {
    break-inside: avoid;
    min-height: 2.75rem;
    padding: 0.6rem 0 0.6rem 1rem;
    text-indent: -1rem;
    line-height: 1.4;
  }
  a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    padding-block: 0.7rem;
  }
  .pain {
    color: var(--stop);
    font-weight: 650;
  }
</style>
