<script lang="ts">
  import { byPressing, isNow } from '$lib/core/plan';
  import { isOverdue } from '$lib/core/kit';
  import { db, DEFAULT_SETTINGS, getSettings, kitGaps } from '$lib/data';
  import { groupsIn } from '$lib/data/questions/roster';
  import { withNext, type WithNext } from '$lib/data/questions/status';
  import { anyLessonTime, isAny } from '$lib/data/questions/records';
  import { clock } from '$lib/ui/clock.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { Roster } from '$lib/ui/roster.svelte';
  import { dayText } from '$lib/words/dates';
  import { gapText } from '$lib/words/kit';
  import { setupReviewSentence } from '$lib/words/setup-review';
  import NextRows from './NextRows.svelte';
  import { actOf, hrefOf } from './next';

  const dayPlan = import('$lib/ui/plan/DayPlan.svelte');
  const reviewList = import('./ReviewList.svelte');
  const everybody = new Roster();
  const settings = live(() => getSettings(db), DEFAULT_SETTINGS);
  const unit = $derived(settings.current.unit);
  const anyLesson = live(() => anyLessonTime(db), false);
  const groups = $derived(groupsIn(everybody.entries));
  const anyRemedy = live(() => isAny(db, 'remedies'), false);

  /** What comes next for each child, by how pressing it is; worked out anew when the list is another. */
  const known = live<readonly WithNext[]>(
    async () =>
      [...(await withNext(db, everybody.entries, clock.today))].sort((a, b) => byPressing(a.next, b.next)),
    [],
    () => everybody.entries
  );
  /** Set-ups that growth has carried past their limit: these can be put off. */
  const drifted = $derived(
    known.current.filter(({ next }) => next.kind === 'set-up' && isNow(next, clock.today))
  );
  const now = $derived(
    known.current.filter(
      ({ entry, next }) =>
        isNow(next, clock.today) && !['size', 'set-up'].includes(next.kind) && !entry.pending
    )
  );
  /** Who has no size waits in one line, for a fitting day. */
  const fresh = $derived(known.current.filter(({ entry, next }) => next.kind === 'size' && !entry.pending));
  const first = $derived(
    now.find(({ next }) => next.kind === 'go-on') ?? now.find(({ next }) => next.kind !== 'pain') ?? fresh[0]
  );
  /** Whose kit wants something, what should have gone back first. */
  const lacking = $derived.by(() => {
    const late = ({ player }: { player: Parameters<typeof kitGaps>[0] }) =>
      kitGaps(player).some((gap) => isOverdue(gap, clock.today)) ? 0 : 1;
    return everybody.entries
      .filter(({ player }) => player.archivedOn === null && kitGaps(player).length > 0)
      .toSorted((a, b) => late(a) - late(b));
  });

  /** Long lists grow on request, so that the page is there at once. */
  const PAGE = 50;
  const MOST_GROUPS = 8;
  let shown = $state({ now: PAGE, lacking: PAGE });
  const shortName = (name: string) => (name.length > 24 ? `${name.slice(0, 23)}…` : name);
</script>

{#if !everybody.ready}
  <p class="p-6 soft">Opening your records…</p>
{:else}
  <div class="place" style:--between="1rem" style:--wide="90rem">
    <header>
      <div>
        <h1>Today</h1>
        <p class="soft">
          {dayText(clock.today)}
          {#each groups.slice(0, MOST_GROUPS) as { id, name } (id)}<a class="group" href="/class/{id}"
              >{name}</a
            >{/each}
        </p>
      </div>
      <div class="flex items-start flex-wrap gap-3">
        {#if first}
          <a class="btn act-next" href={hrefOf(first)}>
            {first.next.kind === 'go-on' ? 'Go on with' : actOf(first.next.kind)}
            {shortName(first.entry.player.name)}
          </a>
        {/if}
        <a class="btn act" href="/week">The week</a>
        <a class="btn act" href="/week?next">Next week</a>
        <a class="btn act" href="/players/new">New player</a>
      </div>
    </header>

    <div class="columns">
      <div class="grid gap-6 content-start">
        {#if anyLesson.current}
          {#await dayPlan then { default: DayPlan }}
            <DayPlan />
          {/await}
        {:else if groups.length > 0}
          <section aria-labelledby="when">
            <h2 id="when">When do your groups come?</h2>
            <ul class="open">
              {#each groups as { id, name } (id)}
                <li><b>{name}</b><a href="/week#{id}">Set the times</a></li>
              {/each}
            </ul>
          </section>
        {/if}
        <section aria-labelledby="next">
          <h2 id="next">Next for each child</h2>
          {#if now.length > 0}
            <NextRows rows={now.slice(0, shown.now)} />
            {#if now.length > shown.now}<button
                type="button"
                class="btn act"
                onclick={() => (shown.now += PAGE)}>Show more of {now.length}</button
              >{/if}
          {:else if known.ready}
            <p class="soft">Nobody is due. The next dates come from what you measure, decide and look at.</p>
          {/if}
          {#if fresh.length > 0}
            <p class="fresh">
              <span
                ><b>{fresh.length} without a size</b>
                <span class="soft"
                  >{fresh
                    .slice(0, 6)
                    .map(({ entry }) => entry.player.name)
                    .join(', ')}{fresh.length > 6 ? ' …' : ''}</span
                ></span
              >
              <a class="btn act" href="/day">Start a fitting day</a>
            </p>
          {/if}
        </section>
      </div>
      <div class="grid gap-6 content-start">
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
        {#if drifted.length > 0 || anyRemedy.current}
          {#await reviewList then { default: ReviewList }}
            <ReviewList
              players={everybody.entries.map(({ player }) => player)}
              drifted={drifted.map(({ entry: { player, setupReview } }) => ({
                player,
                text: setupReview ? setupReviewSentence(setupReview, unit, clock.today) : ''
              }))}
            />
          {/await}
        {/if}
      </div>
    </div>
  </div>
{/if}

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0.75rem;
  }
  .group {
    display: inline-block;
    margin-left: 1.25rem;
    line-height: 2.75rem;
    color: var(--ink);
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 2.4fr) minmax(16rem, 1fr);
    gap: 1.5rem 2.5rem;
  }
  .fresh {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.25rem 1rem;
    padding-block: 0.5rem;
  }
  @media (max-width: 900px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
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
