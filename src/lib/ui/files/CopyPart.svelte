<script lang="ts">
  import { db, type Group, type Player } from '$lib/data';
  import type { Backup } from '$lib/data/files/backup';
  import type { MergePreview, Scope } from '$lib/data/files/exchange';
  import type { MergePick } from '$lib/data/files/merge';
  import { Action } from '$lib/ui/action.svelte';
  import { fileNamePart } from '$lib/ui/download';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';
  import FilePart from './FilePart.svelte';
  import LockField from './LockField.svelte';
  import MergeTable from './MergeTable.svelte';
  import SafeFilePick from './SafeFilePick.svelte';
  import { isPassword, saveFile } from './save-file';

  /** Files from and to another teacher's copy: handed over whole, by group or by player, locked or not, and merged. */
  const players = live<readonly Player[]>(() => db.players.orderBy('name').toArray(), []);
  const groups = live<readonly Group[]>(() => db.groups.toArray(), []);

  let chosen = $state('all');
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
        ? (groups.current.find(({ id }) => id === scope.groupId)?.name ?? 'group')
        : (players.current.find(({ id }) => id === scope.playerId)?.name ?? 'player')
  );

  let password = $state('');
  const saving = new Action();
  const save = () =>
    saving.run(async () => {
      const { writeCopy } = await import('$lib/data/files/exchange');
      await saveFile(
        { name: `jarvel-${fileNamePart(named)}.json`, lockedName: 'jarvel-locked-copy.json' },
        await writeCopy(db, scope),
        password
      );
      password = '';
    });

  let file = $state.raw<Backup | null>(null);
  let preview = $state.raw<MergePreview | null>(null);
  /** Which part of the file is merged. */
  let part = $state('all');
  let picks = $state.raw<ReadonlyMap<string, MergePick>>(new Map());
  const merging = new Action();

  function startAnew() {
    file = preview = null;
    picks = new Map();
  }

  async function read(text: string): Promise<string | null> {
    const [{ readBackup }, { previewMerge }] = await Promise.all([
      import('$lib/data/files/backup'),
      import('$lib/data/files/exchange')
    ]);
    const found = readBackup(text);
    if (!found.ok) return found.problem;
    file = found.backup;
    part = 'all';
    preview = await previewMerge(db, found.backup, { kind: 'all' });
    return null;
  }
  async function takePart(choice: string) {
    const shown = file;
    if (!shown) return;
    part = choice;
    picks = new Map();
    const { previewMerge } = await import('$lib/data/files/exchange');
    preview = await previewMerge(db, shown, scopeOf(choice));
  }
  async function merge() {
    const [mine, shown] = [file, preview];
    if (!mine || !shown) return;
    const { applyMerge } = await import('$lib/data/files/exchange');
    if (await merging.run(() => applyMerge(db, mine, shown, picks))) {
      startAnew();
      status.say('The other copy is merged. Undo brings back what was here before.');
    }
  }
</script>

<FilePart id="other-copy" title="Another teacher">
  <p>
    Hand over a player, a group or everything as a file; read in there, it is merged. What both of you changed
    is shown side by side.
  </p>
  <div class="row">
    <label
      >What goes over
      <select class="field" bind:value={chosen}>
        <option value="all">Everything</option>
        {#each groups.current as { id, name } (id)}<option value="g:{id}">Group: {name}</option>{/each}
        {#each players.current as { id, name } (id)}<option value="p:{id}">{name}</option>{/each}
      </select></label
    >
    <LockField bind:password />
    <button
      type="button"
      class="btn act"
      data-act="save-copy"
      disabled={saving.busy || !isPassword(password)}
      onclick={save}>{saving.busy ? 'Writing…' : 'Save the file'}</button
    >
  </div>
  <div class="row"><SafeFilePick label="Read in another copy…" onstart={startAnew} ontext={read} /></div>
  {#if preview}
    <div class="preview" role="region" aria-label="What merging would change">
      {#if file && file.tables.players.length > 1}
        <label
          >What is taken
          <select
            class="field"
            value={part}
            data-part
            onchange={({ currentTarget }) => void attempt(() => takePart(currentTarget.value))}
          >
            <option value="all">Everything in it</option>
            {#each file.tables.groups as { id, name } (id)}<option value="g:{id}">Group: {name}</option
              >{/each}
            {#each file.tables.players as { id, name } (id)}<option value="p:{id}">{name}</option>{/each}
          </select></label
        >
      {/if}
      <MergeTable {preview} {picks} onpick={(key, how) => (picks = new Map([...picks, [key, how]]))} />
      <p class="row">
        <button type="button" class="btn act-next" data-act="merge" disabled={merging.busy} onclick={merge}
          >Merge</button
        >
        <button type="button" class="btn act" onclick={startAnew}>Leave it</button>
      </p>
    </div>
  {/if}
</FilePart>

<style>
  label {
    display: grid;
    max-width: 20rem;
  }
</style>
