<script lang="ts">
  import type { WithNext } from '$lib/data/questions/status';
  import { clock } from '$lib/ui/clock.svelte';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { ageText } from '$lib/words/dates';
  import { nextText, whyText } from '$lib/words/status';
  import { actOf, hrefOf } from './next';

  /** Children in lines: who, what comes next and why, and the way to that very step. */
  let { rows }: { rows: readonly WithNext[] } = $props();
</script>

<ul>
  {#each rows as row (row.entry.player.id)}
    {@const { player, foresight } = row.entry}
    <li data-next={row.next.kind}>
      <a class="who" href="/players/{player.id}">
        <b>{player.name}</b>
        <span class="soft">
          {[
            `${FAMILY_WORDS[player.family].toLowerCase()}${foresight ? ` ${foresight.size}` : ''}`,
            ageText(player.birthMonth, clock.today)
          ]
            .filter((part) => part)
            .join(', ')}
        </span>
      </a>
      <span class="what">
        <b class={row.next.kind}>{nextText(row)}</b>
        <span class="soft">{whyText(row, clock.today)}</span>
      </span>
      <a class="btn act" href={hrefOf(row)} aria-label="{actOf(row.next.kind)}: {player.name}"
        >{actOf(row.next.kind)}</a
      >
    </li>
  {/each}
</ul>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(10rem, 1fr) minmax(10rem, 1.3fr) 6.5rem;
    align-items: center;
    gap: 0.25rem 1rem;
    border-bottom: 1px solid var(--line);
    padding-block: 0.3rem;
  }
  .who,
  .what {
    display: flex;
    flex-direction: column;
    justify-content: center;
    min-height: 2.75rem;
    min-width: 0;
    overflow-wrap: anywhere;
  }
  .who:hover b {
    text-decoration: underline;
  }
  .soft {
    font-size: 0.9rem;
  }
  .too-small {
    color: var(--small);
  }
  .too-large {
    color: var(--large);
  }
  @media (max-width: 640px) {
    li {
      grid-template-columns: minmax(0, 1fr) auto;
    }
    .what {
      grid-row: 2;
      grid-column: 1 / -1;
      min-height: 0;
    }
  }
</style>
