<script lang="ts">
  import { goto } from '$app/navigation';
  import { isShoulderFamily } from '$lib/core/instruments';
  import { currentDay } from '$lib/ui/clock';
  import {
    changePlayer,
    db,
    deletePlayer,
    DEFAULT_SETTINGS,
    getSettings,
    newestFirst,
    type Fit,
    type Measurement,
    type Player,
    type PlayerForm as Form
  } from '$lib/data';
  import { timeline, type TimelineDay } from '$lib/data/timeline';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';
  import { FAMILY_WORDS } from '$lib/words/checks';
  import { ageText, dayText } from '$lib/words/dates';
  import GrowthPart from '$lib/ui/growth/GrowthPart.svelte';
  import NoPlayer from './NoPlayer.svelte';
  import PlayerForm from './PlayerForm.svelte';
  import Timeline from './Timeline.svelte';

  let { playerId }: { playerId: string } = $props();

  const player = live<Player | null>(async () => (await db.players.get(playerId)) ?? null, null);
  // svelte-ignore state_referenced_locally
  const owned = { playerId };
  const measurements = live<readonly Measurement[]>(() => db.measurements.where(owned).toArray(), []);
  const fits = live<readonly Fit[]>(() => db.fits.where(owned).toArray(), []);
  const days = live<readonly TimelineDay[]>(() => timeline(db, playerId), []);
  const settings = live(() => getSettings(db), DEFAULT_SETTINGS);
  const groups = live(
    async () => (await db.players.orderBy('group').uniqueKeys()).map(String).filter((group) => group !== ''),
    []
  );

  let editing = $state(false);
  const today = currentDay();

  async function save(who: Player, form: Form) {
    if (await attempt(() => changePlayer(db, who, form))) editing = false;
  }

  async function remove(who: Player) {
    if (!(await attempt(() => deletePlayer(db, who)))) return;
    await goto('/players');
    status.say(`Deleted ${who.name} with all records. Undo brings everything back.`);
  }
</script>

{#if !player.ready}
  <p class="p-6 soft">Opening the record…</p>
{:else if !player.current}
  <NoPlayer />
{:else}
  {@const who = player.current}
  <div class="record">
    <header>
      <div>
        <h1>{who.name}</h1>
        <p class="soft">
          {[
            FAMILY_WORDS[who.family],
            ageText(who.birthMonth, today),
            who.group,
            who.archivedOn ? `archived ${dayText(who.archivedOn)}` : null
          ]
            .filter((part) => part)
            .join(' · ')}
        </p>
      </div>
      <div class="actions">
        <a class="btn act-next" href="/fit/{who.id}">To the bench</a>
        {#if isShoulderFamily(who.family)}
          <a class="btn act" href="/card/{who.id}">Card</a>
        {/if}
        <button type="button" class="btn act" onclick={() => (editing = !editing)} aria-expanded={editing}
          >Edit</button
        >
        <button
          type="button"
          class="btn act"
          onclick={() =>
            attempt(() =>
              who.archivedOn
                ? changePlayer(db, who, { archivedOn: null }, `Brought back ${who.name}`)
                : changePlayer(db, who, { archivedOn: today }, `Archived ${who.name}`)
            )}>{who.archivedOn ? 'Bring back' : 'Archive'}</button
        >
        <button type="button" class="btn act" onclick={() => remove(who)}>Delete</button>
      </div>
    </header>
    {#if who.notes && !editing}<p class="notes">{who.notes}</p>{/if}
    <p class="soft text-sm">Photos: {who.photosAllowed ? 'the guardian has agreed' : 'not allowed'}.</p>

    {#if editing}
      <PlayerForm
        start={{
          name: who.name,
          birthMonth: who.birthMonth,
          curve: who.curve,
          family: who.family,
          group: who.group,
          notes: who.notes,
          photosAllowed: who.photosAllowed
        }}
        groups={groups.current}
        action="Save changes"
        onsave={(form) => save(who, form)}
      />
    {/if}

    {#if measurements.ready && fits.ready}
      <GrowthPart
        player={who}
        measurements={measurements.current}
        fits={newestFirst(fits.current)}
        settings={settings.current}
        {today}
      />
    {/if}

    <h2>History</h2>
    {#if days.current.length === 0}
      <p class="soft">Nothing yet. What you measure, decide and set up stays here with its date.</p>
    {:else}
      <Timeline days={days.current} unit={settings.current.unit} />
    {/if}
  </div>
{/if}

<style>
  .record {
    padding: 0.25rem 1.5rem 2rem;
    max-width: 64rem;
    display: grid;
    gap: 0.75rem;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0.75rem;
  }
  .actions {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: start;
  }
  .notes {
    white-space: pre-wrap;
    overflow-wrap: anywhere;
  }
</style>
