<script lang="ts">
  import { page } from '$app/state';
  import { replaceState } from '$app/navigation';
  import { lengthOf, shelvesOf } from '$lib/core/cupboard';
  import { FAMILIES, type Family } from '$lib/core/instruments';
  import { db, DEFAULT_SETTINGS, getSettings, type Settings } from '$lib/data';
  import { instrumentOfCode } from '$lib/data/files/instrument-code';
  import { cupboardOf, EMPTY_CUPBOARD, type Cupboard } from '$lib/data/questions/cupboard';
  import { clock } from '$lib/ui/clock.svelte';
  import FilePick from '$lib/ui/files/FilePick.svelte';
  import Ruler from '$lib/ui/figure/Ruler.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { Roster } from '$lib/ui/roster.svelte';
  import TabParts from '$lib/ui/TabParts.svelte';
  import { freeText } from '$lib/words/cupboard';
  import { FAMILY_WORDS } from '$lib/words/families';
  import CupboardNeeds from './CupboardNeeds.svelte';
  import CupboardPapers from './CupboardPapers.svelte';
  import CupboardPlan from './CupboardPlan.svelte';
  import InstrumentList from './InstrumentList.svelte';
  import CupboardRound from './CupboardRound.svelte';
  import InstrumentPanel from './InstrumentPanel.svelte';
  import NewInstrument from './NewInstrument.svelte';
  import ShelfInstrument from './ShelfInstrument.svelte';

  /** The cupboard: the instruments on their shelves at true length, who has what, and one opened beside them. */
  const cupboard = live<Cupboard>(() => cupboardOf(db), EMPTY_CUPBOARD);
  const settings = live<Settings>(() => getSettings(db), DEFAULT_SETTINGS);
  const everybody = new Roster();

  /** Room that the longest instrument of a family takes on its shelf. */
  const SHELF_PX = 150;

  const all = $derived(cupboard.current.instruments);
  const counts = $derived(
    FAMILIES.map((family) => [family, all.filter((one) => one.family === family).length] as const)
  );
  const parts = $derived(
    counts
      .filter(([, count]) => count > 0)
      .map(([family, count]) => [family, `${FAMILY_WORDS[family]} ${count}`] as const)
  );
  let wanted = $state<Family | null>(FAMILIES.find((family) => page.url.hash === `#${family}`) ?? null);
  const at = $derived<Family>(
    parts.some(([family]) => family === wanted) ? (wanted ?? 'violin') : (parts[0]?.[0] ?? 'violin')
  );
  function turnTo(family: Family) {
    wanted = family;
    replaceState(`#${family}`, {});
  }

  let opened = $state<string | null>(null);
  let adding = $state(false);
  let planning = $state(false);
  let needing = $state(false);
  let rounding = $state(false);
  let printing = $state(false);
  let problem = $state('');

  /** Opens the instrument whose label is in a picture. */
  async function read(picture: File) {
    problem = '';
    try {
      const { readCodeAside } = await import('$lib/workers/code-reader');
      const text = await readCodeAside(picture);
      const found = text === null ? undefined : instrumentOfCode(text, all);
      if (found) {
        turnTo(found.family);
        opened = found.id;
      } else if (found === null) problem = 'This instrument is not in the cupboard.';
      else if (text === null)
        problem = 'No code was found in the picture. Take it closer, flat and in good light.';
      else problem = 'This is the code of something else.';
    } catch {
      problem = 'This file is no picture that the browser can open.';
    }
  }

  const shelves = $derived(shelvesOf(at, all, cupboard.current.out, clock.today));
  const own = $derived(settings.current.dimensions);
  const tallestMm = $derived(
    Math.max(1, ...shelves.flatMap(({ stored }) => stored.map(({ instrument }) => lengthOf(instrument, own))))
  );
  const pxPerMm = $derived(SHELF_PX / tallestMm);
  const picked = $derived(
    shelves.flatMap(({ stored }) => stored).find(({ instrument }) => instrument.id === opened) ?? null
  );

  const names = $derived(new Map(cupboard.current.names));
  const nameOf = (id: string) => names.get(id) ?? 'somebody';
  const small = $derived(
    new Set(
      everybody.entries
        .filter(({ standing }) => standing === 'measured-too-small' || standing === 'probably-too-small')
        .map(({ player }) => player.id)
    )
  );
</script>

<div class="place" style:--wide="none">
  <header>
    <h1>Cupboard</h1>
    {#if cupboard.ready && all.length > 0}
      <button type="button" class="btn act" aria-expanded={planning} onclick={() => (planning = !planning)}
        >Who gets what?</button
      >
      <button type="button" class="btn act" aria-expanded={needing} onclick={() => (needing = !needing)}
        >What to get</button
      >
      <button type="button" class="btn act" aria-expanded={rounding} onclick={() => (rounding = !rounding)}
        >Go round</button
      >
      <button type="button" class="btn act" aria-expanded={adding} onclick={() => (adding = !adding)}
        >One more instrument</button
      >
      <button type="button" class="btn act" aria-expanded={printing} onclick={() => (printing = !printing)}
        >Papers</button
      >
      <FilePick label="Read a label…" accept="image/*" onpick={read} />
    {/if}
  </header>
  {#if problem}<p class="problem" role="alert">{problem}</p>{/if}

  {#if adding && all.length > 0}
    <NewInstrument
      family={at}
      numbers={all.map(({ number }) => number)}
      focused
      onadded={(family) => turnTo(family)}
    />
  {/if}

  {#if !cupboard.ready}
    <p class="soft">Opening the cupboard…</p>
  {:else if all.length === 0}
    <p>
      Here stand the school’s instruments, each at its true length: who has which, until when, what is free
      and what is to be mended. Type the first one, or bring in the list that you have.
    </p>
    <NewInstrument family="violin" numbers={[]} onadded={(family) => turnTo(family)} />
    <p class="row"><InstrumentList instruments={all} /></p>
  {:else}
    <TabParts label="Instruments" {parts} {at} onpick={turnTo}>
      {#if printing}
        <CupboardPapers family={at} cupboard={cupboard.current} settings={settings.current} {nameOf} />
      {/if}
      {#if rounding}
        {#key at}<CupboardRound family={at} cupboard={cupboard.current} {nameOf} />{/key}
      {/if}
      {#if (planning || needing) && (!everybody.ready || everybody.pending.length > 0)}
        <p class="soft" role="status">Looking ahead first: who outgrows what, and when…</p>
      {:else}
        {#key at}
          {#if planning}
            <CupboardPlan family={at} cupboard={cupboard.current} entries={everybody.entries} {nameOf} />
          {/if}
          {#if needing}
            <CupboardNeeds
              family={at}
              cupboard={cupboard.current}
              entries={everybody.entries}
              settings={settings.current}
            />
          {/if}
        {/key}
      {/if}
      <div class="open" class:no-print={needing} class:with-panel={picked !== null}>
        <div class="shelves">
          <svg class="scale" width="44" height={SHELF_PX + 30} aria-hidden="true">
            <Ruler
              lengthMm={tallestMm}
              scale={pxPerMm}
              x={42}
              y={SHELF_PX + 26}
              unit={settings.current.unit}
              direction="up"
            />
          </svg>
          {#each shelves as { size, stored, free } (size)}
            <section data-shelf={size} aria-label="{FAMILY_WORDS[at]} {size}">
              <h2><b class="num">{size}</b> <span class="soft">{freeText(free)}</span></h2>
              <ul>
                {#each stored as one (one.instrument.id)}
                  <li>
                    <ShelfInstrument
                      stored={one}
                      {own}
                      {pxPerMm}
                      {tallestMm}
                      {nameOf}
                      outgrown={one.where.kind === 'out' &&
                        one.where.loans.some(({ playerId }) => small.has(playerId))}
                      picked={one.instrument.id === opened}
                      onpick={() => (opened = opened === one.instrument.id ? null : one.instrument.id)}
                    />
                  </li>
                {/each}
              </ul>
            </section>
          {/each}
        </div>
        {#if picked}
          {#key picked.instrument.id}
            <InstrumentPanel
              stored={picked}
              cupboard={cupboard.current}
              settings={settings.current}
              {nameOf}
              onclose={() => (opened = null)}
            />
          {/key}
        {/if}
      </div>
    </TabParts>
  {/if}
</div>

<style>
  header,
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: center;
  }
  h1 {
    margin-right: auto;
  }
  .problem {
    color: var(--stop);
    font-weight: 550;
  }
  .open {
    display: grid;
    gap: 1.5rem;
    padding-top: 0.75rem;
  }
  .with-panel {
    grid-template-columns: minmax(0, 1fr) 21rem;
  }
  .shelves {
    display: flex;
    flex-wrap: wrap;
    gap: 1rem 1.75rem;
    align-content: start;
  }
  .scale {
    overflow: visible;
    margin-right: -0.75rem;
  }
  h2 {
    display: flex;
    align-items: baseline;
    gap: 0.75rem;
    height: 28px;
  }
  h2 b {
    font-size: 1.3rem;
  }
  h2 span {
    font-size: 0.9rem;
    font-weight: 400;
  }
  ul {
    display: flex;
    flex-wrap: wrap;
    row-gap: 0.25rem;
  }
  @media (max-width: 1000px) {
    .with-panel {
      grid-template-columns: minmax(0, 1fr);
    }
    /* What was opened comes to the hand: above the shelves. */
    .with-panel > :global([data-instrument-panel]) {
      order: -1;
    }
  }
</style>
