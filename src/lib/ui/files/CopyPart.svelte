<script lang="ts">
  import { page } from '$app/state';
  import { onDestroy } from 'svelte';
  import { db, groupsApart, type Player } from '$lib/data';
  import { playersByName, playersIn } from '$lib/data/questions/records';
  import type { FileContent, MergeResult, MergeSummary } from '$lib/data/files/desk';
  import type { Scope } from '$lib/data/files/scope';
  import type { MergePick } from '$lib/data/files/merge';
  import { Action } from '$lib/ui/action.svelte';
  import { fileNamePart } from '$lib/ui/download';
  import { live } from '$lib/ui/live.svelte';
  import PickOne from '$lib/ui/PickOne.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';
  import { FileDesk } from './file-desk.svelte';
  import FilePart from './FilePart.svelte';
  import LockField from './LockField.svelte';
  import MergeTable from './MergeTable.svelte';
  import SafeFilePick from './SafeFilePick.svelte';
  import { isPassword, knownPassword, saveFile } from './save-file';
  import Underway from './Underway.svelte';

  /** Files from and to another teacher's copy: handed over whole, by group or by player, locked or not, and merged. */
  let {
    asking = $bindable()
  }: {
    /** A preview waits for an answer. */
    asking: boolean;
  } = $props();

  const desk = new FileDesk();
  onDestroy(() => desk.end());
  /** Whoever comes from a group hands that over. */
  const given = page.url.searchParams.get('group');
  let chosen = $state(given === null ? 'all' : `g:${given}`);
  /** Players are listed once somebody looks: of a large school there are thousands. */
  let open = $state(false);
  const players = live<readonly Player[]>(
    async () => (open ? playersByName(db) : []),
    [],
    () => open
  );
  const groups = live<readonly (readonly [id: string, name: string])[]>(
    async () => [...(await groupsApart(db))].sort(([, a], [, b]) => a.localeCompare(b)),
    []
  );

  function scopeOf(choice: string): Scope {
    const [kind, id] = [choice.slice(0, 2), choice.slice(2)];
    if (kind === 'g:') return { kind: 'group', groupId: id };
    return kind === 'p:' ? { kind: 'player', playerId: id } : { kind: 'all' };
  }
  const scope = $derived(scopeOf(chosen));
  const named = $derived(
    scope.kind === 'all'
      ? 'everything'
      : scope.kind === 'group'
        ? (groups.current.find(([id]) => id === scope.groupId)?.[1] ?? 'group')
        : (players.current.find(({ id }) => id === scope.playerId)?.name ?? 'player')
  );

  let password = $state('');
  /** A copy that was read in came locked: what goes back is locked with the same, unless another is typed. */
  let before = $state(knownPassword());
  /** Who was in what went over or came in last, so that the next step is a tap away. */
  let inIt = $state.raw<readonly Pick<Player, 'id' | 'name'>[]>([]);
  const MOST_NAMED = 40;
  const saving = new Action();
  const save = () =>
    saving.run(async () => {
      await saveFile(
        desk,
        { name: `jarvel-${fileNamePart(named)}.json`, lockedName: 'jarvel-locked-copy.jarvel' },
        { kind: 'copy', scope },
        password === '' ? before : password
      );
      password = '';
      before = knownPassword();
      inIt = scope.kind === 'group' ? await playersIn(db, scope.groupId) : [];
    });

  let content = $state.raw<FileContent | null>(null);
  let summary = $state.raw<MergeSummary | null>(null);
  $effect(() => {
    asking = summary !== null;
  });
  /** Which part of the file is merged. */
  let part = $state('all');
  let picks = $state.raw<ReadonlyMap<string, MergePick>>(new Map());
  const merging = new Action();

  function startAnew() {
    content = summary = null;
    picks = new Map();
  }
  const compare = async (choice: string) => {
    picks = new Map();
    part = choice;
    summary = await desk.run('Comparing it with what is here', (door) => door.previewMerge(scopeOf(choice)));
  };
  async function read(found: FileContent): Promise<void> {
    content = found;
    before = knownPassword();
    await compare('all');
  }
  async function merge() {
    let result: MergeResult | null = null;
    await merging.run(async () => {
      result = await desk.run('Merging', (door) => door.merge(picks), 'Merged another copy');
    });
    if (result) told(result);
  }
  function told(result: MergeResult) {
    if (result.kind === 'overtaken') {
      summary = result.summary;
      status.say(result.problem);
      return;
    }
    inIt = content?.players ?? [];
    startAnew();
    status.say(
      result.open === 0
        ? 'The other copy is merged. Undo brings back what was here before.'
        : `The other copy is merged but for ${result.open} that nobody answered: there nothing changed, and the next file asks again.`
    );
  }
</script>

<FilePart id="other-copy" title="Another teacher">
  <p>
    Hand over a player, a group or everything as a file; read in there, it is merged. What both of you changed
    is shown side by side.
  </p>
  <form
    class="row"
    onsubmit={(event) => {
      event.preventDefault();
      if (isPassword(password)) void save();
    }}
  >
    <div onfocusin={() => (open = true)}>
      <PickOne
        label="What goes over"
        none="No group or player of that name."
        options={[
          { value: 'all', text: 'Everything' },
          ...groups.current.map(([id, name]) => ({ value: `g:${id}`, text: `Group: ${name}` })),
          ...players.current.map(({ id, name }) => ({ value: `p:${id}`, text: name }))
        ]}
        value={chosen}
        onpick={(picked) => (chosen = picked)}
      />
    </div>
    <LockField bind:password focused={given !== null} />
    {#if before !== '' && password === ''}
      <p class="soft" data-locked-as-before>
        Locked with the password of the copy before.
        <button type="button" class="act-quiet" onclick={() => (before = '')}>Not locked</button>
      </p>
    {/if}
    <button type="submit" class="btn act" data-act="save-copy" disabled={saving.busy || !isPassword(password)}
      >{saving.busy ? 'Writing…' : 'Save the file'}</button
    >
  </form>
  <div class="row">
    <SafeFilePick label="Read in another copy…" {desk} remembers onstart={startAnew} onread={read} />
  </div>
  <Underway {desk} />
  {#if inIt.length > 0 && !summary}
    <p data-in-it>
      In it:
      {#each inIt.slice(0, MOST_NAMED) as { id, name }, at (id)}
        {at > 0 ? ', ' : ''}<a href="/players/{id}">{name}</a>
      {/each}{inIt.length > MOST_NAMED ? ` and ${inIt.length - MOST_NAMED} more` : ''}
    </p>
  {/if}
  {#if summary}
    <div class="preview" role="region" aria-label="What merging would change">
      {#if content && content.players.length > 1}
        <PickOne
          label="What is taken"
          none="No group or player of that name is in it."
          options={[
            { value: 'all', text: 'Everything in it' },
            ...content.groups.map(({ id, name }) => ({ value: `g:${id}`, text: `Group: ${name}` })),
            ...content.players.map(({ id, name }) => ({ value: `p:${id}`, text: name }))
          ]}
          value={part}
          onpick={(picked) => void attempt(() => compare(picked))}
        />
      {/if}
      <MergeTable {summary} {picks} onpick={(key, how) => (picks = new Map([...picks, [key, how]]))} />
      <p class="row">
        <button type="button" class="btn act-next" data-act="merge" disabled={merging.busy} onclick={merge}
          >Merge</button
        >
        <button type="button" class="btn act" onclick={startAnew}>Leave it</button>
      </p>
    </div>
  {/if}
</FilePart>
