<script lang="ts">
  import { kitCounts } from '$lib/core/kit';
  import { db, DEFAULT_SETTINGS, getSettings, kitGaps } from '$lib/data';
  import { gapText, kitSentence } from '$lib/words/kit';
  import { clock } from '$lib/ui/clock.svelte';
  import { roomSheet, type RoomSheet } from '$lib/data/questions/room';
  import { dimensionsOf } from '$lib/core/instruments';
  import { settingLines, setupDrawing, setupNotes } from '$lib/print/card';
  import { FAMILY_WORDS } from '$lib/words/families';
  import GroupPaper from './GroupPaper.svelte';
  import SetupPicture from '$lib/ui/figure/SetupPicture.svelte';
  import { live } from '$lib/ui/live.svelte';

  /** What a group needs in its room, a line a player in seating order, to print and to walk round with. */
  let { groupId }: { groupId: string } = $props();

  const sheet = live<RoomSheet | null>(() => roomSheet(db, groupId), null);
  const kit = $derived(
    kitSentence(kitCounts(sheet.current?.places.map(({ player }) => kitGaps(player)) ?? []))
  );
  const settings = live(() => getSettings(db), DEFAULT_SETTINGS);
</script>

<div class="papers">
  {#if sheet.current}
    <GroupPaper sheet={sheet.current} settings={settings.current} />
    {#if kit}<p data-kit>{kit}</p>{/if}
    <table>
      <thead>
        <tr>
          <th scope="col">Player</th><th scope="col">On</th><th scope="col">Set up</th>
          <th scope="col"><span class="sr-only">Drawn</span></th>
        </tr>
      </thead>
      <tbody>
        {#each sheet.current.places as { player, fit, setup } (player.id)}
          <tr>
            <th scope="row">{player.name}</th>
            <td>
              {FAMILY_WORDS[player.family]}
              {#if fit}<b class="num">{fit.size}</b>{:else}<span class="soft">no size yet</span>{/if}
            </td>
            <td>
              {#if setup}
                <ul>
                  {#each settingLines(setup, settings.current.unit) as { name, value, mark } (name)}
                    <li>
                      {name} <b class="num">{value}</b>{#if mark}<i>, {mark}</i>{/if}
                    </li>
                  {/each}
                </ul>
                <span class="soft">{setupNotes(setup).join(' ')}</span>
              {:else}
                <span class="soft">not set up yet</span>
              {/if}
              {#each kitGaps(player) as gap (gap.item)}
                <span class="gap">{gapText(gap, clock.today)}</span>
              {/each}
            </td>
            <td class="drawn">
              {#if setup}
                <SetupPicture
                  drawing={setupDrawing(
                    setup,
                    dimensionsOf(setup.family, setup.size, settings.current.dimensions)
                  )}
                />
              {/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
</div>

<style>
  .papers {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.75rem;
    max-width: 72rem;
  }
  table {
    width: 100%;
  }
  tr {
    break-inside: avoid;
  }
  th,
  td {
    text-align: left;
    vertical-align: baseline;
    padding: 0.4rem 1rem 0.4rem 0;
    border-bottom: 1px solid var(--line);
  }
  td b {
    white-space: nowrap;
  }
  thead th {
    font-weight: 400;
    font-size: 0.9rem;
    color: var(--ink-soft);
  }
  tbody th {
    font-weight: 650;
    overflow-wrap: break-word;
    min-width: 7rem;
    max-width: 16rem;
  }
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.25rem;
  }
  i {
    color: var(--next);
    font-style: normal;
    font-weight: 600;
  }
  .gap {
    display: block;
    font-size: 0.9rem;
    color: var(--stop);
  }
  .drawn {
    width: 7rem;
    padding-right: 0;
    text-align: right;
    vertical-align: middle;
  }
  @media screen and (max-width: 640px) {
    .drawn {
      display: none;
    }
    th,
    td {
      padding-right: 0.5rem;
    }
    tbody th {
      min-width: 5rem;
    }
  }
  .drawn :global(svg) {
    height: 6.5rem;
    margin-left: auto;
  }
  .soft {
    font-size: 0.9rem;
  }
</style>
