<script lang="ts">
  import { changeSettings, db, type Player, type Settings } from '$lib/data';
  import { TEACHER_NAME_LENGTH } from '$lib/data/schema/settings';
  import { focusOnOpen } from '$lib/ui/focus';
  import { paperOf } from '$lib/print/papers';
  import { letterValues } from '$lib/ui/letters/letter-values';
  import PdfButton from '$lib/ui/PdfButton.svelte';
  import { fillLetter, LETTER_TEMPLATES } from '$lib/words/letters';

  /** A letter home about the size for everybody in a group, in one file; whose letter lacks something is named. */
  let { players, settings, name }: { players: readonly Player[]; settings: Settings; name: string } =
    $props();

  let teacher = $state('');
  /** Who was left out, and what their letter lacks. */
  let without = $state.raw<readonly string[]>([]);

  async function letters(): Promise<readonly string[]> {
    const signed = settings.teacherName || teacher.trim();
    if (settings.teacherName === '' && signed !== '')
      await changeSettings(db, 'Changed the name on the card', { teacherName: signed });
    const template = settings.letters?.size ?? LETTER_TEMPLATES.size;
    const filled = await Promise.all(
      players.map(async (player) => {
        const values = { ...(await letterValues(player.id)), ...(signed === '' ? {} : { teacher: signed }) };
        return { player, letter: fillLetter(template, values) };
      })
    );
    const isWhole = ({ letter }: (typeof filled)[number]) =>
      letter.missing.length + letter.unknown.length === 0;
    without = filled
      .filter((one) => !isWhole(one))
      .map(({ player, letter }) => `${player.name} (${[...letter.missing, ...letter.unknown].join(', ')})`);
    return filled.filter(isWhole).map(({ letter }) => letter.text);
  }
</script>

<div class="flex flex-wrap items-end gap-x-4 gap-y-3 my-3">
  {#if settings.teacherName === ''}
    <label>
      Your name, under the letters
      <input {@attach focusOnOpen} class="field" maxlength={TEACHER_NAME_LENGTH} bind:value={teacher} />
    </label>
  {/if}
  <PdfButton
    text="Letters home"
    fileName="letters-{name}.pdf"
    pieces={players.length}
    disabled={settings.teacherName === '' && teacher.trim() === ''}
    ask={async (door, report) => door.letters(await letters(), paperOf(settings.unit), report)}
  />
</div>
{#if without.length > 0}
  <p class="soft" data-without>
    Left out, for something is missing: {without.join('; ')}.
  </p>
{/if}

<style>
  label {
    display: grid;
    font-size: 0.9rem;
  }
</style>
