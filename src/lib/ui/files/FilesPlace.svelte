<script lang="ts">
  import { allWritten, db, groupNames, type PlayerForm } from '$lib/data';
  import { importPlayers, type KnownHow } from '$lib/data/commands/players';
  import { playersByName } from '$lib/data/questions/records';
  import { download } from '$lib/ui/download';
  import { attempt } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';
  import BackupPart from './BackupPart.svelte';
  import CopyPart from './CopyPart.svelte';
  import FilePart from './FilePart.svelte';
  import PlayerImport from './PlayerImport.svelte';

  /** Files in and out: the whole record as a backup, players as a list. Nothing is written before its preview. */
  async function savePlayers() {
    await attempt(async () => {
      const [{ playersToCsv }] = await Promise.all([import('$lib/data/files/players-csv'), allWritten()]);
      download(
        'players.csv',
        'text/csv;charset=utf-8',
        playersToCsv(await playersByName(db), await groupNames(db))
      );
    });
  }

  /** Which part has a preview that waits for an answer: the next action is there. */
  let asking = $state({ backup: false, copy: false, list: false });

  const people = (count: number) => `${count} ${count === 1 ? 'player' : 'players'}`;

  async function addAll(players: readonly PlayerForm[], list: string, known: KnownHow): Promise<boolean> {
    return attempt(async () => {
      const { added, updated } = await importPlayers(db, players, known, list);
      const said = [
        added > 0 || updated === 0 ? `${people(added)} ${added === 1 ? 'is' : 'are'} in` : '',
        updated > 0 ? `${people(updated)} took over what the list says` : ''
      ].filter((part) => part !== '');
      status.say(`${said.join(', ')}. Undo takes it back.`);
    });
  }
  function actionText(count: number, known: number, how: KnownHow): string {
    const [fresh, changed] = [count - known, how === 'update' ? known : 0];
    const parts = [
      fresh > 0 || changed === 0 ? `Add ${people(fresh)}` : '',
      changed > 0 ? `${fresh > 0 ? 'change' : 'Change'} ${people(changed)}` : ''
    ];
    return parts.filter((part) => part !== '').join(', ');
  }
</script>

<div class="place" style:--wide="56rem" style:--between="1.25rem">
  <h1>Files</h1>
  <p class="soft">
    Everything stays in this browser, on this device. What leaves it are the files that you save here.
  </p>

  <BackupPart bind:asking={asking.backup} quiet={asking.copy || asking.list} />

  <CopyPart bind:asking={asking.copy} />

  <FilePart id="players-list" title="Players as a list">
    <p>
      A CSV file for a spreadsheet. Columns: Name, Birth month, Growth curve, Instrument, Group, Notes, Photos
      allowed. Only the name must be there.
    </p>
    <p class="row">
      <button type="button" class="btn act" onclick={savePlayers}>Save players as CSV</button>
    </p>
    <PlayerImport
      bind:asking={asking.list}
      label="Bring players in from CSV…"
      action={actionText}
      updates
      onplayers={addAll}
    />
  </FilePart>
</div>
