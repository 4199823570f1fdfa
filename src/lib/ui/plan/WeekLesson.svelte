<script lang="ts">
  import { CHECK_CATEGORIES, type CheckCategory } from '$lib/core/checks/types';
  import { byPlayer, plannedOn, type Due, type WeeklyLesson } from '$lib/core/plan';
  import type { IsoDay } from '$lib/core/time';
  import { db, type Group, type Player } from '$lib/data';
  import { setFocuses } from '$lib/data/commands/groups';
  import { askedFor } from '$lib/data/questions/plan';
  import { clock } from '$lib/ui/clock.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { categoryNameIn } from '$lib/words/checks';
  import Behind from './Behind.svelte';
  import DueList from './DueList.svelte';

  /** One lesson of a week: who comes, what they work on, who is behind in it, and what is due for whom. */
  let {
    group,
    lesson,
    monday,
    members,
    dues
  }: {
    group: Group;
    lesson: WeeklyLesson;
    monday: IsoDay;
    members: readonly Player[];
    /** What is taken up in this lesson. */
    dues: readonly Due[];
  } = $props();

  const planned = $derived(plannedOn(group.focuses, monday));
  const asked = live(
    async () => (planned === null ? askedFor(db, members, clock.today) : null),
    null,
    () => `${planned} ${members.map(({ id }) => id).join(' ')}`
  );
  const plan = (category: CheckCategory | null) =>
    attempt(() => setFocuses(db, monday, [[group.id, category]]));
  const byId = $derived(Object.fromEntries(members.map((player) => [player.id, player])));
  const MOST = 12;
</script>

<article data-group={group.id}>
  <p class="when"><b class="num">{lesson.time}</b><span class="soft">{lesson.minutes} min</span></p>
  <div>
    <div class="flex flex-wrap items-center gap-x-5 gap-y-0 min-h-[3rem]">
      <h3>
        <a href="/class/{group.id}">{group.name}</a>
        <span class="soft">{members.length} {members.length === 1 ? 'player' : 'players'}</span>
      </h3>
      <label
        >works on
        <select
          class="field"
          value={planned ?? ''}
          onchange={({ currentTarget }) =>
            void plan(CHECK_CATEGORIES.find((one) => one === currentTarget.value) ?? null)}
        >
          <option value="">nothing planned</option>
          {#each CHECK_CATEGORIES as category (category)}
            <option value={category}>{categoryNameIn(category, members)}</option>
          {/each}
        </select></label
      >
      {#if planned}
        <Behind players={members} category={planned} />
      {:else if asked.current}
        {@const category = asked.current}
        <button type="button" class="act-quiet" data-act="plan-asked" onclick={() => plan(category)}
          >Most need {categoryNameIn(category, members).toLowerCase()}: plan it</button
        >
      {/if}
    </div>
    {#if dues.length > 0}
      <DueList dues={byPlayer(dues)} players={byId} most={MOST} hrefOf={({ id }) => `/players/${id}`} />
    {/if}
  </div>
</article>

<style>
  article {
    display: grid;
    grid-template-columns: 5rem minmax(0, 1fr);
    gap: 0 1rem;
  }
  article + :global(article) {
    border-top: 1px solid var(--line);
    margin-top: 0.4rem;
    padding-top: 0.4rem;
  }
  .when {
    display: grid;
    align-content: start;
    padding-top: 0.5rem;
  }
  .when b {
    font-size: 1.25rem;
    line-height: 1.75rem;
  }
  h3 {
    font-weight: 700;
    font-size: 1.1rem;
  }
  h3 .soft {
    font-weight: 400;
    font-size: 0.95rem;
  }
  label {
    white-space: nowrap;
    display: flex;
    align-items: center;
    gap: 0.5rem;
  }
  a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    line-height: 2.75rem;
  }
  .act-quiet {
    min-height: 2.75rem;
  }
  @media (max-width: 640px) {
    article {
      grid-template-columns: minmax(0, 1fr);
    }
    .when {
      grid-auto-flow: column;
      justify-content: start;
      align-items: baseline;
      gap: 0.75rem;
    }
  }
</style>
