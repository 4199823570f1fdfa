<script lang="ts">
  import { DUE_KINDS, type byPlayer, type DueKind } from '$lib/core/plan';
  import type { Player } from '$lib/data';
  import { DUE_WORDS } from '$lib/words/plan';

  /** What is due, and for whom, each with a way there: every name once, at what comes first. */
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

  const rows = $derived(
    DUE_KINDS.map((kind): readonly [DueKind, ReturnType<typeof byPlayer>] => [
      kind,
      dues.slice(0, most).filter(({ dues: mine }) => mine[0]?.kind === kind)
    ]).filter(([, some]) => some.length > 0)
  );
</script>

{#each rows as [kind, some] (kind)}
  <p class={kind} data-due={kind}>
    {DUE_WORDS[kind]}:
    {#each some as { playerId, dues: mine } (playerId)}
      {@const player = players[playerId]}
      {#if player}<a href={hrefOf(player, mine)}>{player.name}</a>{/if}
    {/each}
  </p>
{/each}
{#if dues.length > most}<p class="soft">and {dues.length - most} more</p>{/if}

<style>
  a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    display: inline-block;
    line-height: 2.75rem;
  }
  a:not(:last-child)::after {
    content: ',';
    display: inline-block;
    margin-right: 0.35em;
  }
  .pain {
    color: var(--stop);
    font-weight: 650;
  }
</style>
