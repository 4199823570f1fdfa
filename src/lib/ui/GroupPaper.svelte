<script lang="ts">
  import { dimensionsOf, FAMILIES, type Family } from '$lib/core/instruments';
  import { TAPE_LAYOUTS, tapePlaces } from '$lib/core/tapes';
  import type { Settings } from '$lib/data';
  import type { RoomSheet } from '$lib/data/questions/room';
  import { paperOf } from '$lib/print/papers';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { LAYOUT_WORDS } from '$lib/words/tapes';
  import Choice from './Choice.svelte';
  import { fileNamePart } from './download';
  import Fold from './Fold.svelte';
  import { newestCards } from './newest-card';
  import ProofLine from './ProofLine.svelte';
  import PdfButton from './PdfButton.svelte';

  /** Cards, case labels and finger strips of everybody in a group, each kind in one file. */
  let { sheet, settings }: { sheet: RoomSheet; settings: Settings } = $props();

  const setUp = $derived(sheet.places.filter(({ setup }) => setup).map(({ player }) => player.id));
  const sized = $derived(sheet.places.flatMap(({ player, fit }) => (fit ? [{ player, fit }] : [])));
  const families = $derived(FAMILIES.filter((family) => sized.some(({ fit }) => fit.family === family)));
  const paper = $derived(paperOf(settings.unit));
  const name = $derived(fileNamePart(sheet.name));

  let picked = $state<Partial<Record<Family, string>>>({});
  const layoutOf = (family: Family) =>
    TAPE_LAYOUTS[family].find(({ id }) => id === picked[family]) ?? TAPE_LAYOUTS[family][0];
  let proofMm = $state<number | null>(100);
  let beyond = $state.raw<readonly string[]>([]);

  const strips = () =>
    sized.map(({ player, fit }) => {
      const { stringMm } = dimensionsOf(fit.family, fit.size, settings.dimensions);
      const tapes = tapePlaces(stringMm, layoutOf(fit.family)?.semitones ?? []);
      return { title: `${fit.size} ${player.name}`, stringMm, tapes };
    });
</script>

<div class="no-print">
  <Fold name="paper" title="Cards, case labels and finger strips for everybody">
    {#if setUp.length === 0}
      <p class="soft">Nobody here has a set-up yet: cards and labels are made from it.</p>
    {:else}
      <div class="flex flex-wrap items-end gap-x-4 gap-y-3 my-2">
        <PdfButton
          text="Cards, four a page"
          fileName="cards-{name}.pdf"
          pieces={setUp.length}
          ask={async (door, report) => door.cards(await newestCards(setUp), paper, report)}
        />
        <PdfButton
          text="Cards, one a page"
          fileName="cards-a6-{name}.pdf"
          pieces={setUp.length}
          ask={async (door, report) => door.cards(await newestCards(setUp), 'a6', report)}
        />
        <PdfButton
          text="Case labels"
          fileName="labels-{name}.pdf"
          pieces={setUp.length}
          ask={async (door, report) => door.labels(await newestCards(setUp), paper, report)}
        />
      </div>
    {/if}
    {#if sized.length > 0}
      {#each families as family (family)}
        <Choice
          label="Tapes, {FAMILY_WORDS[family].toLowerCase()}"
          value={layoutOf(family)?.id ?? null}
          options={TAPE_LAYOUTS[family].map(({ id }) => ({ value: id, text: LAYOUT_WORDS[id] ?? id }))}
          onpick={(id) => (picked = { ...picked, [family]: id })}
        />
      {/each}
      <div class="flex flex-wrap items-end gap-x-4 gap-y-3 my-2">
        <ProofLine onread={(mm) => (proofMm = mm)} />
        <PdfButton
          text="Finger strips"
          fileName="tapes-{name}.pdf"
          pieces={sized.length}
          disabled={proofMm === null}
          ask={async (door, report) => {
            const made = await door.strips(strips(), paper, proofMm ?? 100, report);
            beyond = made.beyond.map(({ title, tape }) => `${title}: ${tape.semitones}`);
            return made;
          }}
        />
      </div>
      <p class="soft text-sm">
        By each size’s own string length. A string that was measured has its strip on the bench.
      </p>
      {#if beyond.length > 0}<p class="warning" role="alert">
          The page is too short for some semitones ({beyond.join('; ')}); lay those by the table.
        </p>{/if}
    {/if}
  </Fold>
</div>

<style>
  .warning {
    color: var(--stop);
    font-weight: 550;
  }
</style>
