<script lang="ts">
  import { db } from '$lib/data';
  import type { RosterEntry } from '$lib/data/questions/roster';
  import { withNext, type WithNext } from '$lib/data/questions/status';
  import { clock } from '$lib/ui/clock.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { ageText } from '$lib/words/dates';
  import { nextWords } from '$lib/words/status';

  /** Players in lines: who, what on, where they stand, and the way to the bench. */
  let { entries }: { entries: readonly RosterEntry[] } = $props();

  /** What is next for each, in the words of every other place. */
  const known = live<readonly WithNext[]>(
    () => withNext(db, entries, clock.today),
    [],
    () => entries
  );
  const nextOf = $derived(new Map(known.current.map((one) => [one.entry.player.id, one])));
</script>

<ul>
  {#each entries as entry (entry.player.id)}
    {@const { player, group, foresight, standing } = entry}
    {@const next = nextOf.get(player.id)}
    <li>
      <a class="who" href="/players/{player.id}">
        <b>{player.name}</b>
        <span class="soft">
          {[FAMILY_WORDS[player.family], ageText(player.birthMonth, clock.today), group]
            .filter((part) => part)
            .join(' · ')}
        </span>
      </a>
      <span class="size num" aria-label={foresight ? `on a ${foresight.size}` : 'no size'}
        >{foresight?.size ?? '–'}</span
      >
      <span class="standing {standing}">
        {next ? nextWords(next, clock.today) : ''}
      </span>
      <a class="btn act fit" href="/fit/{player.id}" aria-label="Fit {player.name}"
        >{standing === 'under-way' ? 'Go on' : 'Fit'}</a
      >
    </li>
  {/each}
</ul>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(12rem, 1.4fr) 4.5rem minmax(10rem, 1fr) 6rem;
    align-items: center;
    gap: 0.25rem 1rem;
    border-bottom: 1px solid var(--line);
    padding-block: 0.3rem;
  }
  .who {
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
  .who span {
    font-size: 0.875rem;
  }
  .size {
    font-weight: 700;
    font-size: 1.15rem;
    white-space: nowrap;
  }
  .standing {
    font-size: 0.95rem;
  }
  .measured-too-small,
  .probably-too-small {
    color: var(--small);
    font-weight: 600;
  }
  .measured-too-large,
  .pain {
    color: var(--large);
    font-weight: 600;
  }
  .pain {
    color: var(--stop);
  }
  .due,
  .under-way {
    font-weight: 600;
  }
  .settled,
  .chosen-larger,
  .new {
    color: var(--ink-soft);
  }
  @media (max-width: 640px) {
    li {
      grid-template-columns: 1fr auto auto;
    }
    .standing {
      grid-row: 2;
      grid-column: 1 / -1;
    }
  }
</style>
