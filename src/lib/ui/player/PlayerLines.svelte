<script lang="ts">
  import { currentDay } from '$lib/ui/clock';
  import type { RosterLine } from '$lib/data/roster';
  import { FAMILY_WORDS } from '$lib/words/checks';
  import { ageText, dayText } from '$lib/words/dates';
  import { STANDING_WORDS } from '$lib/words/players';

  /** Players in lines: who, what on, where they stand, and the way to the bench. */
  let { lines }: { lines: readonly RosterLine[] } = $props();

  const today = currentDay();

  function standingText({ standing, fit }: RosterLine): string {
    if (standing === 'due' && fit) return `${STANDING_WORDS.due}, by ${dayText(fit.nextLook)}`;
    if (standing === 'outgrown' && fit) return `${STANDING_WORDS.outgrown}: the ${fit.size} is too small now`;
    if (standing === 'settled' && fit)
      return `${STANDING_WORDS.settled}, look again by ${dayText(fit.nextLook)}`;
    return STANDING_WORDS[standing];
  }
</script>

<ul>
  {#each lines as line (line.player.id)}
    {@const { player, fit, standing } = line}
    <li>
      <a class="who" href="/players/{player.id}">
        <b>{player.name}</b>
        <span class="soft">
          {[FAMILY_WORDS[player.family], ageText(player.birthMonth, today), player.group]
            .filter((part) => part)
            .join(' · ')}
        </span>
      </a>
      <span class="size num" aria-label={fit ? `on a ${fit.size}` : 'no size'}>{fit?.size ?? '–'}</span>
      <span class="standing {standing}">{standingText(line)}</span>
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
  .outgrown {
    color: var(--small);
    font-weight: 600;
  }
  .due,
  .under-way {
    font-weight: 600;
  }
  .settled,
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
