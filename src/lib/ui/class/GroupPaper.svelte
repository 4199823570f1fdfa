<script lang="ts">
  import { asMeasured, dimensionsOf, FAMILIES, type Family } from '$lib/core/instruments';
  import { TAPE_LAYOUTS, layoutTapes } from '$lib/core/tapes';
  import type { Settings } from '$lib/data';
  import type { RoomSheet } from '$lib/data/questions/room';
  import { paperOf } from '$lib/print/papers';
  import { FAMILY_WORDS } from '$lib/words/families';
  import Choice from '$lib/ui/Choice.svelte';
  import { homeCards } from '$lib/ui/lesson/home-cards';
  import { fileNamePart } from '$lib/ui/download';
  import { newestCards } from '$lib/ui/newest-card';
  import { fingerText, LAYOUT_WORDS } from '$lib/words/tapes';
  import ProofLine from '$lib/ui/ProofLine.svelte';
  import PdfButton from '$lib/ui/PdfButton.svelte';
  import GroupLetters from './GroupLetters.svelte';

  /** Home cards, cards, case labels and finger strips of everybody in a group, each kind in one file. */
  let { sheet, settings }: { sheet: RoomSheet; settings: Settings } = $props();

  const setUp = $derived(sheet.places.filter(({ setup }) => setup).map(({ player }) => player.id));
  const sized = $derived(
    sheet.places.flatMap(({ player, fit, measured }) => (fit ? [{ player, fit, measured }] : []))
  );
  const families = $derived(FAMILIES.filter((family) => sized.some(({ fit }) => fit.family === family)));
  const paper = $derived(paperOf(settings.unit));
  const name = $derived(fileNamePart(sheet.name));

  let picked = $state<Partial<Record<Family, string>>>({});
  const layoutOf = (family: Family) =>
    TAPE_LAYOUTS[family].find(({ id }) => id === picked[family]) ?? TAPE_LAYOUTS[family][0];
  let proofMm = $state<number | null>(100);
  let beyond = $state.raw<readonly string[]>([]);

  const strips = () =>
    sized.map(({ player, fit, measured }) => {
      const nominal = dimensionsOf(fit.family, fit.size, settings.dimensions);
      const { stringMm } = asMeasured(nominal, measured);
      const layout = layoutOf(fit.family);
      const tapes = layout ? layoutTapes(layout, stringMm) : [];
      return { title: `${player.name}, ${fit.size}`, stringMm, tapes };
    });
</script>

<div class="no-print">
  <div class="flex flex-wrap items-end gap-x-4 gap-y-3">
    <button type="button" class="btn act-next" onclick={() => print()}>Print the room sheet</button>
    <PdfButton
      text="Home cards"
      fileName="home-cards-{name}.pdf"
      pieces={sheet.places.length}
      ask={async (door, report) =>
        door.home(await homeCards(sheet.places.map(({ player }) => player.id)), report)}
    />
    {#if setUp.length > 0}
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
    {/if}
  </div>
  <GroupLetters players={sized.map(({ player }) => player)} {settings} {name} />
  {#if setUp.length === 0}
    <p class="soft">Nobody here has a set-up yet: cards and labels are made from it.</p>
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
          beyond = made.beyond.map(({ title, tape }) => `${title}: ${fingerText(tape)}`);
          return made;
        }}
      />
    </div>
    <p class="soft text-sm">
      By the string of the instrument that each has, where it was measured; else by its size’s.
    </p>
    {#if beyond.length > 0}<p class="warning" role="alert">
        The page is too short for some tapes ({beyond.join('; ')}); lay those by the table.
      </p>{/if}
  {/if}
</div>

<style>
  .warning {
    color: var(--stop);
    font-weight: 550;
  }
</style>
