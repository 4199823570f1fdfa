<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { db, DEFAULT_SETTINGS, getSettings } from '$lib/data';
  import { allOf } from '$lib/data/questions/records';
  import LessonTimes from '$lib/ui/plan/LessonTimes.svelte';
  import TabParts from '$lib/ui/TabParts.svelte';
  import { live, liveRecord } from '$lib/ui/live.svelte';
  import { WEEKDAY_WORDS } from '$lib/words/plan';
  import MembersPart from './MembersPart.svelte';
  import PapersPart from './PapersPart.svelte';
  import ProgressPart from './ProgressPart.svelte';
  import SeatsPart from './SeatsPart.svelte';
  import WaysPart from './WaysPart.svelte';

  /** Everything about one group, each part at an address of its own. */
  let { groupId }: { groupId: string } = $props();

  const PARTS = [
    ['seats', 'Seats'],
    ['progress', 'Progress'],
    ['papers', 'Cards and strips'],
    ['way', 'Way'],
    ['times', 'Times'],
    ['members', 'Name and members']
  ] as const;
  type PartId = (typeof PARTS)[number][0];

  const at = $derived<PartId>(PARTS.find(([id]) => page.url.hash === `#${id}`)?.[0] ?? 'seats');
  const group = liveRecord('groups', () => groupId);
  const groups = live(() => allOf(db, 'groups'), []);
  const settings = live(() => getSettings(db), DEFAULT_SETTINGS);
  const times = $derived(
    (group.current?.lessons ?? []).map(({ weekday, time }) => `${WEEKDAY_WORDS[weekday]} ${time}`).join(', ')
  );

  const turnTo = (part: PartId) =>
    void goto(`/class/${groupId}#${part}`, { replaceState: true, noScroll: true, keepFocus: true });
</script>

{#if !group.ready}
  <p class="p-6 soft">Opening the room…</p>
{:else if !group.current}
  <section class="p-6 grid gap-3">
    <h1>This group is not here</h1>
    <p>It was removed, or nobody is in it any more.</p>
    <p><a class="btn act" href="/class">All groups</a></p>
  </section>
{:else}
  <div class="place" style:--wide="90rem" style:--between="0.5rem" data-class>
    <header>
      <h1>{group.current.name}</h1>
      {#if times}<p class="soft no-print">{times}</p>{/if}
      <a class="no-print over" href="/eye/{groupId}">Which one is right?</a>
      <a class="no-print over" href="/files?group={groupId}">Hand this group over</a>
    </header>
    <TabParts label="Parts of {group.current.name}" parts={PARTS} {at} onpick={turnTo}>
      {#snippet children(part)}
        {#if !group.current}
          <!-- Removed just now. -->
        {:else if part === 'seats'}
          <SeatsPart {groupId} />
        {:else if part === 'progress'}
          <ProgressPart group={group.current} />
        {:else if part === 'papers'}
          <PapersPart {groupId} />
        {:else if part === 'way'}
          <WaysPart group={group.current} settings={settings.current} />
        {:else if part === 'times'}
          <LessonTimes group={group.current} taken={groups.current.flatMap(({ lessons = [] }) => lessons)} />
        {:else}
          <MembersPart group={group.current} />
        {/if}
      {/snippet}
    </TabParts>
  </div>
{/if}

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 1.5rem;
  }
  .over:first-of-type {
    margin-left: auto;
  }
  .over {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    line-height: 2.75rem;
  }
  h1 {
    font-size: 1.6rem;
    font-weight: 750;
    overflow-wrap: anywhere;
  }
  @media (max-width: 900px) {
    .place {
      padding-inline: 1rem;
    }
  }
</style>
