<script lang="ts" module>
  /** The places of one child, in the order of a teacher's moments. */
  const PLACES = [
    { id: 'fit', name: 'Fit', href: (id: string) => `/fit/${id}` },
    { id: 'lesson', name: 'Lesson', href: (id: string) => `/lesson/${id}` },
    { id: 'progress', name: 'Progress', href: (id: string) => `/progress/${id}` },
    { id: 'papers', name: 'Cards and letters', href: (id: string) => `/letter/${id}` },
    { id: 'history', name: 'History', href: (id: string) => `/players/${id}` }
  ] as const;
  export type ChildPlace = (typeof PLACES)[number]['id'];
</script>

<script lang="ts">
  import Pencil from '@lucide/svelte/icons/pencil';
  import { Menu, Portal } from '@skeletonlabs/skeleton-svelte';
  import { goto } from '$app/navigation';
  import { archivePlayer, db, type Player } from '$lib/data';
  import { statusOf, type ChildStatus } from '$lib/data/questions/status';
  import { clock } from '$lib/ui/clock.svelte';
  import { lineAtHand } from '$lib/ui/day/line';
  import { live } from '$lib/ui/live.svelte';
  import { shortcuts } from '$lib/ui/shortcuts';
  import { attempt, whenAnswering } from '$lib/ui/shell/attempt';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { ageText, dayText } from '$lib/words/dates';
  import { nextLine, statusParts } from '$lib/words/status';

  /** The same head on every place about a child: who, how it stands, what is next, and the five places. */
  let { player, here }: { player: Player; here: ChildPlace } = $props();

  const status = live<ChildStatus | null>(
    () => statusOf(db, player.id, clock.today),
    null,
    () => player.id
  );
  let foreseeing = false;
  // What is not foreseen yet, of a child who came in a moment ago, is worked out here as in the lists.
  $effect(() => {
    const { id } = player;
    if (!status.current?.entry.pending || foreseeing) return;
    foreseeing = true;
    void whenAnswering(async () => {
      const { foreseeMissing } = await import('$lib/data/questions/foreseen');
      await foreseeMissing(db, clock.today, undefined, [id]);
    }).finally(() => (foreseeing = false));
  });
  /** The fitting day in which this child stands, where the fit leads back to. */
  const line = lineAtHand(() => (here === 'fit' ? player.id : ''));
  const facts = $derived(
    [
      FAMILY_WORDS[player.family].toLowerCase(),
      ageText(player.birthMonth, clock.today),
      player.archivedOn ? `archived ${dayText(player.archivedOn)}` : ''
    ].filter((fact) => fact)
  );

  $effect(() =>
    shortcuts(window, {
      'Alt+e': (event) => {
        event.preventDefault();
        if (!event.repeat) take('edit');
      }
    })
  );

  function take(what: string) {
    if (what === 'archive')
      void attempt(() => archivePlayer(db, player, player.archivedOn ? null : clock.today));
    else void goto(`/players/${player.id}?${what}`);
  }
</script>

<header class="no-print">
  <div class="who">
    <div class="name">
      <h1>{player.name}</h1>
      <button type="button" class="btn edit" aria-label="Edit {player.name}" onclick={() => take('edit')}
        ><Pencil size={16} aria-hidden="true" /></button
      >
    </div>
    <nav aria-label="Places of {player.name}">
      {#if line.current}<a class="line" href="/day/{line.current.id}">← Back to the line</a>{/if}
      {#each PLACES as { id, name, href } (id)}
        <a href={href(player.id)} aria-label={name} aria-current={id === here ? 'page' : undefined}
          >{name.split(' ')[0]}<span class="wide">{name.replace(/^\S+/, '')}</span></a
        >
      {/each}
      <Menu onSelect={({ value }) => take(value)}>
        <Menu.Trigger class="btn more" aria-label="More about {player.name}">⋯</Menu.Trigger>
        <Portal>
          <Menu.Positioner>
            <Menu.Content class="menu-list child-menu">
              <Menu.Item value="edit"><Menu.ItemText>Edit</Menu.ItemText></Menu.Item>
              <Menu.Item value="archive"
                ><Menu.ItemText>{player.archivedOn ? 'Bring back' : 'Archive'}</Menu.ItemText></Menu.Item
              >
              <Menu.Item value="delete"><Menu.ItemText>Delete…</Menu.ItemText></Menu.Item>
            </Menu.Content>
          </Menu.Positioner>
        </Portal>
      </Menu>
    </nav>
  </div>
  <p data-status>
    <span class="soft"
      >{facts.join(' · ')}{#if status.current?.entry.group && player.groupId}<a
          class="group"
          href="/class/{player.groupId}">{status.current.entry.group}</a
        >{/if}</span
    >
    {#if status.current}
      {#each statusParts(status.current, clock.today) as { text, is } (text)}
        <span class={is}
          >{text}{#if is === 'done'}<span class="tick" aria-label="done"> ✓</span>{/if}</span
        >
      {/each}
      <span class="soft">{nextLine(status.current, clock.today)}</span>
    {/if}
  </p>
</header>

<style>
  header {
    border-bottom: 1px solid var(--ink);
    padding-bottom: 0.3rem;
  }
  .who {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0 1.5rem;
  }
  .name {
    display: flex;
    align-items: center;
    min-width: 0;
  }
  .edit {
    min-width: 2.75rem;
    min-height: 2.75rem;
    color: var(--ink-soft);
  }
  h1 {
    font-size: 1.6rem;
    font-weight: 750;
    letter-spacing: -0.01em;
    line-height: 1.2;
    overflow-wrap: anywhere;
  }
  p {
    font-size: 0.95rem;
  }
  p > span:not(:last-child)::after {
    content: '\00a0·\00a0';
    color: var(--ink-soft);
    font-weight: 400;
  }
  .group::before {
    content: '\00a0·\00a0';
    display: inline-block;
  }
  .group {
    text-decoration: underline;
    text-decoration-color: var(--line-strong);
    text-underline-offset: 0.2em;
  }
  .tick {
    color: var(--fits);
    font-weight: 700;
    margin-left: 0.2em;
  }
  .amiss {
    color: var(--large);
    font-weight: 650;
  }
  nav {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
  }
  nav a {
    display: inline-flex;
    align-items: center;
    min-height: 2.75rem;
    padding-inline: 0.7rem;
    border-bottom: 3px solid transparent;
  }
  .wide {
    white-space: pre;
  }
  nav .line {
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
  nav a[aria-current] {
    border-bottom-color: var(--next);
    font-weight: 700;
  }
  nav :global(.more) {
    min-width: 2.75rem;
    min-height: 2.75rem;
    font-weight: 700;
  }
  :global(.child-menu) {
    min-width: 10rem;
  }
  @media (max-width: 640px) {
    nav a {
      padding-inline: 0.35rem;
      font-size: 0.95rem;
    }
    .wide {
      display: none;
    }
  }
</style>
