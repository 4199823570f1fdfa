<script lang="ts">
  import { byPlayer, dueUntil, lessonsOn, plannedOn } from '$lib/core/plan';
  import { db, DEFAULT_SETTINGS, getSettings } from '$lib/data';
  import { toBring } from '$lib/data/questions/plan';
  import { clock } from '$lib/ui/clock.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { categoryNameIn } from '$lib/words/checks';
  import { bringText } from '$lib/words/plan';
  import DueList from './DueList.svelte';
  import { Plan } from './plan.svelte';

  /** The teacher's day: which groups come, who is due for what in each, and what to bring. */
  const plan = new Plan();
  const settings = live(() => getSettings(db), DEFAULT_SETTINGS);
  const rows = $derived(lessonsOn(plan.groups, clock.today));
  const dueIn = $derived(
    rows.map(({ group }) => {
      const ids = plan.membersOf(group).map(({ id }) => id);
      return byPlayer(
        dueUntil(
          plan.dues.filter(({ playerId }) => ids.includes(playerId)),
          clock.today
        )
      );
    })
  );
  const bring = live(
    async () => {
      const all = rows.map(({ group }) => plan.membersOf(group));
      return Promise.all(all.map((players) => toBring(db, players)));
    },
    [],
    () => rows.map(({ group }) => plan.membersOf(group).map(({ id }) => id))
  );
  const MOST = 8;
</script>

{#if plan.ready && rows.length > 0}
  <section aria-labelledby="comes" data-day-plan>
    <h2 id="comes">Who comes</h2>
    {#each rows as { group, lesson, at }, i (`${group.id} ${at}`)}
      {@const dues = dueIn[i] ?? []}
      {@const planned = plannedOn(group.focuses, clock.today)}
      <article>
        <p class="when"><b class="num">{lesson.time}</b><span class="soft">{lesson.minutes} min</span></p>
        <div>
          <h3>
            <a href="/class/{group.id}">{group.name}</a>
            {#if planned}<span class="soft" data-planned
                >works on {categoryNameIn(planned, plan.membersOf(group)).toLowerCase()}</span
              >{/if}
          </h3>
          {#if dues.length === 0}
            <p class="soft">Nobody is due.</p>
          {:else}
            <DueList
              {dues}
              players={plan.byId}
              most={MOST}
              hrefOf={({ id }, [first]) =>
                first?.kind === 'check' || first?.kind === 'pain'
                  ? `/lesson/${id}`
                  : `/fit/${id}${first?.kind === 'set-up' ? '#set-up' : ''}`}
            />
          {/if}
          {#if (bring.current[i] ?? []).length > 0}
            <p data-bring>
              <b>Bring</b>
              {(bring.current[i] ?? []).map((thing) => bringText(thing, settings.current.unit)).join(', ')}
            </p>
          {/if}
        </div>
      </article>
    {/each}
  </section>
{/if}

<style>
  article {
    display: grid;
    grid-template-columns: 5rem minmax(0, 1fr);
    gap: 0 1rem;
    padding-block: 0.6rem;
    border-bottom: 1px solid var(--line);
  }
  .when {
    display: grid;
    align-content: start;
  }
  .when b {
    font-size: 1.35rem;
  }
  h3 {
    font-weight: 700;
    font-size: 1.1rem;
  }
  h3 .soft {
    font-weight: 400;
    font-size: 0.95rem;
    margin-left: 0.5rem;
  }
  a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    padding-block: 0.7rem;
  }
</style>
