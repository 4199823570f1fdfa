<script lang="ts">
  import '../styles/app.css';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { onMount, type Snippet } from 'svelte';
  import { db, DEFAULT_SETTINGS, getSettings } from '$lib/data';
  import { clock } from '$lib/ui/clock.svelte';
  import { guardPresses } from '$lib/ui/focus';
  import CrashScreen from '$lib/ui/shell/CrashScreen.svelte';
  import Places from '$lib/ui/shell/Places.svelte';
  import { PLACES } from '$lib/ui/shell/places';
  import SaveStatus from '$lib/ui/shell/SaveStatus.svelte';
  import { attempt, whenAnswering } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';
  import { applyTheme } from '$lib/ui/shell/theme';
  import { watchNewVersion, type WaitingVersion } from '$lib/ui/shell/new-version';
  import { isTyping, shortcuts } from '$lib/ui/shortcuts';
  import { unfinished } from '$lib/ui/shell/underway';
  import { walk } from '$lib/ui/shell/walk';
  import { watchVersions } from '$lib/ui/shell/versions';
  import { live } from '$lib/ui/live.svelte';

  let { children }: { children: Snippet } = $props();

  const settings = live(() => getSettings(db), DEFAULT_SETTINGS);
  let outdated = $state<string | null>(null);
  let waiting = $state.raw<WaitingVersion | null>(null);
  /** What was under way when the page was left, and came to no end. */
  let leftOpen = $state<string | null>(null);
  /** This version was not seen here yet. */
  let isNew = $state(false);
  let showKeys = $state(false);
  /** Loaded with the first use, then kept. */
  let keysLoaded = $state(false);

  $effect(() => {
    if (settings.ready) return applyTheme(settings.current.theme);
  });

  const hasText = (target: EventTarget | null) =>
    (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) &&
    target.type !== 'radio' &&
    document.activeElement === target &&
    target.value !== target.defaultValue;

  /** Steps through the journal, unless the browser has typing of its own to take back. */
  function step(event: KeyboardEvent, which: 'undo' | 'redo') {
    if (hasText(event.target)) return;
    event.preventDefault();
    void attempt(() => walk(which));
  }

  function openKeys(event: KeyboardEvent) {
    if (isTyping(event.target)) return;
    event.preventDefault();
    showKeys = keysLoaded = true;
  }

  async function seeNew() {
    isNew = false;
    (await import('$lib/ui/shell/whats-new')).newSeen();
  }

  const FORGET_EVERY_MS = 20_000;
  /** Players who were deleted a while ago are forgotten for good. */
  const forgetDeleted = () =>
    whenAnswering(async () => {
      const { deletedFor, forget } = await import('$lib/data/journal/forget');
      const gone = await deletedFor(db, new Date());
      if (gone.length > 0) await forget(db, gone);
    });

  /** Pictures end with their term, also where the page is left open. */
  $effect(() => {
    const { today } = clock;
    void whenAnswering(async () => (await import('$lib/data/pictures/sweep')).sweepPictures(db, today));
  });

  onMount(() => {
    const stopClock = clock.run();
    const stopGuarding = guardPresses(document);
    const forgetting = setInterval(() => void forgetDeleted(), FORGET_EVERY_MS);
    void forgetDeleted();
    void whenAnswering(async () => (await import('$lib/data/questions/claims')).sweepClaims(db));
    void whenAnswering(async () => (leftOpen = await unfinished()));
    void whenAnswering(async () => {
      const { isNewHere } = await import('$lib/ui/shell/whats-new');
      isNew = await isNewHere();
    });
    const stopWatching = status.watch();
    const stopVersions = watchVersions(db, (sentence) => (outdated = sentence));
    const stopWaiting = watchNewVersion((version) => (waiting = version));
    const stopKeys = shortcuts(window, {
      '$mod+z': (event) => step(event, 'undo'),
      '$mod+Shift+z': (event) => step(event, 'redo'),
      '$mod+y': (event) => step(event, 'redo'),
      '?': openKeys,
      '/': (event) => {
        if (isTyping(event.target)) return;
        event.preventDefault();
        void goto('/players?find');
      },
      ...Object.fromEntries(
        PLACES.map(({ href }, index) => [
          `Alt+${index + 1}`,
          (event: KeyboardEvent) => {
            event.preventDefault();
            void goto(href);
          }
        ])
      )
    });
    return () => {
      stopClock();
      stopGuarding();
      clearInterval(forgetting);
      stopWatching();
      stopVersions();
      stopWaiting();
      stopKeys();
    };
  });
</script>

<svelte:head><title>Jarvel</title></svelte:head>

<a class="skip" href="#main">Skip to the content</a>
<div class="shell">
  <Places path={page.url.pathname} />
  <div class="column">
    {#if outdated}
      <p class="outdated" role="alert">{outdated}</p>
    {/if}
    {#if leftOpen}
      <p class="waiting no-print" role="alert" data-left-open>
        The page was left before this was finished: {leftOpen}. Nothing of it is here; do it once more.
        <button type="button" class="act-quiet" onclick={() => (leftOpen = null)}>I have seen it</button>
      </p>
    {/if}
    {#if isNew && page.url.pathname !== '/settings'}
      <p class="waiting no-print" role="status" data-is-new>
        Jarvel {__APP_VERSION__} is here.
        <a class="act-quiet" href="/settings#what-is-new" onclick={() => (isNew = false)}>What is new</a>
        <button type="button" class="act-quiet" onclick={seeNew}>Not now</button>
      </p>
    {/if}
    {#if waiting}
      <p class="waiting no-print" role="status" data-version-waits>
        {waiting.tabs === null
          ? 'A new version of Jarvel waits. It comes when every tab of Jarvel is closed.'
          : `A new version was asked for, but Jarvel is open in ${waiting.tabs} tabs. Close all but one, then take it.`}
        <button type="button" class="act-quiet" onclick={() => waiting?.take()}>Take it now</button>
      </p>
    {/if}
    <div class="top no-print">
      <button type="button" class="act-quiet keys" onclick={() => (showKeys = keysLoaded = true)}
        >Keys <span class="key">?</span></button
      >
      <SaveStatus />
    </div>
    <main id="main" tabindex="-1">
      <svelte:boundary>
        {@render children()}
        {#snippet failed(error)}
          <CrashScreen {error} path={page.url.pathname} />
        {/snippet}
      </svelte:boundary>
    </main>
  </div>
</div>
{#if keysLoaded}
  {#await import('$lib/ui/shell/KeysDialog.svelte') then { default: KeysDialog }}
    <KeysDialog bind:open={showKeys} />
  {/await}
{/if}

<style>
  .skip {
    position: absolute;
    left: 0.5rem;
    top: -4rem;
    z-index: 60;
    background: var(--next);
    color: var(--next-ink);
    padding: 0.75rem 1rem;
    border-radius: var(--radius-base);
  }
  .skip:focus {
    top: 0.5rem;
  }
  .shell {
    display: grid;
    grid-template-columns: 5.5rem minmax(0, 1fr);
    min-height: 100vh;
  }
  .shell > :global(nav) {
    position: sticky;
    top: 0;
    height: 100vh;
  }
  .column {
    display: flex;
    flex-direction: column;
    min-height: 100vh;
  }
  .top {
    display: flex;
    justify-content: flex-end;
    align-items: center;
    gap: 1rem;
    padding: 0 1.5rem;
    min-height: 3rem;
    position: sticky;
    top: 0;
    z-index: 15;
    background: var(--ground);
  }
  .keys {
    font-size: 0.875rem;
    text-decoration: none;
    color: var(--ink-soft);
  }
  main {
    flex: 1;
    display: flex;
    flex-direction: column;
  }
  main:focus {
    outline: none;
  }
  .outdated {
    background: var(--next);
    color: var(--next-ink);
    padding: 0.75rem 1.5rem;
    font-weight: 600;
  }
  .waiting {
    padding: 0.5rem 1.5rem;
    border-bottom: 1px solid var(--line-strong);
  }
  .waiting button {
    min-height: 2.75rem;
  }
  @media (max-width: 900px) {
    .shell {
      display: flex;
      flex-direction: column-reverse;
    }
    .shell > :global(nav) {
      position: sticky;
      top: auto;
      bottom: 0;
      height: auto;
      z-index: 20;
    }
    .column {
      min-height: 0;
      flex: 1;
    }
    .keys {
      display: none;
    }
    .top {
      padding-inline: 1rem;
    }
    :global(.foot) {
      bottom: 3.6rem !important;
    }
  }
  @media print {
    .shell {
      display: block;
    }
  }
</style>
