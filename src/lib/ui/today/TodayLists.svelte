<script lang="ts">
  import type { Standing } from '$lib/core/outlook';
  import { isPastLimit } from '$lib/core/setup';
  import { isOverdue } from '$lib/core/kit';
  import { db, DEFAULT_SETTINGS, getSettings, kitGaps } from '$lib/data';
  import { anyLessonTime, isAny } from '$lib/data/questions/records';
  import { clock } from '$lib/ui/clock.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { Roster } from '$lib/ui/roster.svelte';
  import { dayText } from '$lib/words/dates';
  import { gapText } from '$lib/words/kit';
  import { setupReviewSentence } from '$lib/words/setup-review';
  import PlayerEntries from '$lib/ui/player/PlayerEntries.svelte';

  const everybody = new Roster();
  const settings = live(() => getSettings(db), DEFAULT_SETTINGS);
  const anyLesson = live(() => anyLessonTime(db), false);
  const anyRemedy = live(() => isAny(db, 'remedies'), false);

  const inState = (...standings: Standing[]) =>
    everybody.entries.filter(({ standing, pending }) => standings.includes(standing) && !pending);
  const pains = $derived(everybody.entries.filter(({ pain }) => pain !== null));
  const underWay = $derived(
    inState('under-way').toSorted((a, b) =>
      (b.draft?.updatedAt ?? '').localeCompare(a.draft?.updatedAt ?? '')
    )
  );
  const dateOf = (entry: (typeof everybody.entries)[number]) => entry.foresight?.nextMeasure.date ?? '';
  const due = $derived([
    ...inState('measured-too-large'),
    ...[
      ...inState('measured-too-small', 'probably-too-small', 'due'),
      // One that was chosen larger is looked at at each measuring.
      ...inState('chosen-larger').filter((entry) => dateOf(entry) <= clock.today)
    ].toSorted((a, b) => dateOf(a).localeCompare(dateOf(b)))
  ]);
  /** Whose size is right, but whose set-up has been outgrown. */
  const drifted = $derived(
    inState('settled').filter(({ setupReview }) => isPastLimit(setupReview, clock.today))
  );
  /** Whose kit wants something, what should have gone back first. */
  const lacking = $derived.by(() => {
    const late = ({ player }: { player: Parameters<typeof kitGaps>[0] }) =>
      kitGaps(player).some((gap) => isOverdue(gap, clock.today)) ? 0 : 1;
    return everybody.entries
      .filter(({ player }) => player.archivedOn === null && kitGaps(player).length > 0)
      .toSorted((a, b) => late(a) - late(b));
  });
  const unit = $derived(settings.current.unit);
  const fresh = $derived(inState('new'));
  const first = $derived(underWay[0] ?? due[0] ?? drifted[0] ?? fresh[0]);

  /** Long lists grow on request, so that the page is there at once. */
  const PAGE = 50;
  let shown = $state({ due: PAGE, lacking: PAGE, fresh: PAGE });
</script>

{#if !everybody.ready}
  <p class="p-6 soft">Opening your records…</p>
{:else}
  <div class="place" style:--between="1.5rem">
    <header>
      <div>
        <h1>Today</h1>
        <p class="soft">{dayText(clock.today)}</p>
      </div>
      <div class="flex items-start flex-wrap gap-3">
        {#if first}
          <a class="btn act-next" href="/fit/{first.player.id}">
            {first.standing === 'under-way' ? 'Go on with' : 'Fit'}
            {first.player.name.length > 24 ? `${first.player.name.slice(0, 23)}…` : first.player.name}
          </a>
        {/if}
        <a class="btn act" href="/week">The week</a>
        <a class="btn act" href="/players/new">New player</a>
      </div>
    </header>

    {#if pains.length > 0}
      <section aria-labelledby="pains">
        <h2 id="pains">Pain noted</h2>
        <PlayerEntries entries={pains} />
      </section>
    {/if}
    {#if anyLesson.current}
      {#await import('$lib/ui/plan/DayPlan.svelte') then { default: DayPlan }}
        <DayPlan />
      {/await}
    {/if}
    {#if underWay.length > 0}
      <section aria-labelledby="under-way">
        <h2 id="under-way">Where you stopped</h2>
        <PlayerEntries entries={underWay} />
      </section>
    {/if}
    <section aria-labelledby="due">
      <h2 id="due">Look again</h2>
      {#if due.length > 0}
        <PlayerEntries entries={due.slice(0, shown.due)} />
        {#if due.length > shown.due}<button type="button" class="btn act" onclick={() => (shown.due += PAGE)}
            >Show more of {due.length}</button
          >{/if}
      {:else}
        <p class="soft">Nobody is due. The next dates come from the decisions you make.</p>
      {/if}
    </section>
    {#if drifted.length > 0 || anyRemedy.current}
      {#await import('./ReviewList.svelte') then { default: ReviewList }}
        <ReviewList
          players={everybody.entries.map(({ player }) => player)}
          drifted={drifted.map(({ player, setupReview }) => ({
            player,
            text: setupReview ? setupReviewSentence(setupReview, unit, clock.today) : ''
          }))}
        />
      {/await}
    {/if}
    {#if lacking.length > 0}
      <section aria-labelledby="lacking">
        <h2 id="lacking">Kit missing or lent</h2>
        <ul class="open">
          {#each lacking.slice(0, shown.lacking) as { player } (player.id)}
            <li>
              <a class="who" href="/fit/{player.id}#set-up"><b>{player.name}</b></a>
              <span
                >{kitGaps(player)
                  .map((gap) => gapText(gap, clock.today))
                  .join('; ')}</span
              >
            </li>
          {/each}
        </ul>
        {#if lacking.length > shown.lacking}<button
            type="button"
            class="btn act"
            onclick={() => (shown.lacking += PAGE)}>Show more of {lacking.length}</button
          >{/if}
      </section>
    {/if}
    {#if fresh.length > 0}
      <section aria-labelledby="fresh">
        <h2 id="fresh">No size yet</h2>
        <PlayerEntries entries={fresh.slice(0, shown.fresh)} />
        {#if fresh.length > shown.fresh}<button
            type="button"
            class="btn act"
            onclick={() => (shown.fresh += PAGE)}>Show more of {fresh.length}</button
          >{/if}
      </section>
    {/if}
  </div>
{/if}

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0.75rem;
  }
  .open li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 1rem;
    min-height: 2.75rem;
    border-bottom: 1px solid var(--line);
  }
  .open a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    line-height: 2.75rem;
  }
</style>
