<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import {
    db,
    editPlayer,
    groupsApart,
    openPains,
    type GroupNames,
    type Player,
    type PlayerCase,
    type PlayerForm as Form
  } from '$lib/data';
  import { lentTo, type Lent } from '$lib/data/questions/lent';
  import { timeline, type TimelineDay } from '$lib/data/questions/timeline';
  import { Action } from '$lib/ui/action.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import { LivePlayer } from '$lib/ui/live-player.svelte';
  import { live } from '$lib/ui/live.svelte';
  import ConsentPart from '$lib/ui/photo/ConsentPart.svelte';
  import PainNotes from '$lib/ui/PainNotes.svelte';
  import Part from '$lib/ui/shell/Part.svelte';
  import { TypedTexts } from '$lib/ui/typed.svelte';
  import GrowthPart from '$lib/ui/growth/GrowthPart.svelte';
  import ChildStrip from './ChildStrip.svelte';
  import DeleteDialog from './DeleteDialog.svelte';
  import NoPlayer from './NoPlayer.svelte';
  import PlayerForm from './PlayerForm.svelte';
  import SetupAhead from './SetupAhead.svelte';
  import Timeline from './Timeline.svelte';

  let { playerId }: { playerId: string } = $props();

  // The component is keyed by the player.
  // svelte-ignore state_referenced_locally
  const id = playerId;
  const records = new LivePlayer(() => id, ['measurements', 'fits', 'setups', 'pains']);
  const days = live<readonly TimelineDay[]>(() => timeline(db, id), []);
  const groups = live<GroupNames>(() => groupsApart(db), new Map());

  const library = records.library();

  // The menu leads here with what it asks for; it is asked once.
  const asked = (what: string) => page.url.searchParams.has(what);
  const leave = () => goto(`/players/${id}`, { replaceState: true });
  const editing = $derived(asked('edit'));
  const deleting = $derived(asked('delete'));
  const typed = new TypedTexts(id);
  const saving = new Action();

  async function save(who: Player, form: Form) {
    const done = await saving.run(async () => {
      await editPlayer(db, who, form);
      for (const field of ['name', 'group', 'notes'] as const)
        typed.entered(`form.${field}`, typed.of(`form.${field}`) ?? '');
    });
    if (done) await leave();
  }

  const lent = live<readonly Lent[]>(
    async () => (await lentTo(db, [id])).get(id) ?? [],
    [],
    () => id
  );

  /** The player's case, as far as growth and set-up ask for it. */
  const caseOf = (player: Player): PlayerCase => ({
    player,
    measurements: records.of('measurements'),
    fits: records.of('fits'),
    setups: records.of('setups'),
    trials: [],
    pains: [],
    draft: null,
    lent: lent.current,
    settings: records.settings,
    today: clock.today
  });
</script>

{#if !records.ready}
  <p class="p-6 soft">Opening the record…</p>
{:else if !records.player}
  <NoPlayer />
{:else}
  {@const who = records.player}
  <div class="place" style:--between="0.75rem">
    <ChildStrip player={who} here="history" />
    <PainNotes player={who} pains={openPains(records.of('pains'))} {typed} />
    {#if deleting}
      <DeleteDialog player={who} oncancel={leave} ondeleted={() => goto('/players')} />
    {/if}
    {#if who.notes && !editing}<p class="notes">{who.notes}</p>{/if}
    <ConsentPart player={who} />

    {#if editing && typed.ready && groups.ready}
      <PlayerForm
        start={{
          name: who.name,
          birthMonth: who.birthMonth,
          curve: who.curve,
          family: who.family,
          group: '',
          groupId: who.groupId,
          notes: who.notes,
          photosAllowed: who.photosAllowed
        }}
        groups={groups.current}
        {typed}
        busy={saving.busy}
        action="Save changes"
        onsave={(form) => save(who, form)}
      />
    {/if}

    <Part name="Set-up">
      <SetupAhead of={caseOf(who)} />
    </Part>
    <Part name="Growth">
      <GrowthPart of={caseOf(who)} />
    </Part>

    <h2>History</h2>
    {#if days.current.length === 0}
      <p class="soft">Nothing yet. What you measure, decide and set up stays here with its date.</p>
    {:else}
      <Part name="The history"
        ><Timeline
          player={who}
          days={days.current}
          unit={records.settings.unit}
          checks={library.checks}
        /></Part
      >
    {/if}
  </div>
{/if}

<style>
  .notes {
    white-space: pre-wrap;
    overflow-wrap: anywhere;
  }
</style>
