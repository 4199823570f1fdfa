<script lang="ts">
  import { page } from '$app/state';
  import { replaceState } from '$app/navigation';
  import { lengthOf, shelvesOf, type PlanLine } from '$lib/core/cupboard';
  import { FAMILIES, type Family } from '$lib/core/instruments';
  import { db, DEFAULT_SETTINGS, getSettings, type Settings } from '$lib/data';
  import { cupboardOf, EMPTY_CUPBOARD, type Cupboard } from '$lib/data/questions/cupboard';
  import type { RosterEntry } from '$lib/data/questions/roster';
  import { clock } from '$lib/ui/clock.svelte';
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
  import PlanArrows from './PlanArrows.svelte';
  import PlanTaken from './PlanTaken.svelte';
  import ReadLabel from './ReadLabel.svelte';
  import ShelfInstrument from './ShelfInstrument.svelte';

  /** The cupboard: the instruments on their shelves at true length, who has what, and one opened beside them. */
  const cupboard = live<Cupboard>(() => cupboardOf(db), EMPTY_CUPBOARD);
  const settings = live<Settings>(() => getSettings(db), DEFAULT_SETTINGS);
  const everybody = new Roster();
  /** Everybody as far as was looked ahead for all; what changes meanwhile is waited for. */
  let known = $state.raw<readonly RosterEntry[] | null>(null);
  $effect(() => {
    if (everybody.ready && everybody.pending.length === 0) known = everybody.entries;
  });

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
    taken = [];
    replaceState(`#${family}`, {});
  }

  let opened = $state<string | null>(null);
  let adding = $state(false);
  let planning = $state(false);
  /** What a plan would do today. */
  let planned = $state.raw<readonly PlanLine[]>([]);
  /** What of a plan was done here. */
  let taken = $state.raw<readonly PlanLine[]>([]);
  let needing = $state(false);
  let rounding = $state(false);
  let printing = $state(false);

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
  <header class="no-print">
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
      <ReadLabel
        instruments={all}
        onfound={({ family, id }) => {
          turnTo(family);
          opened = id;
        }}
      />
    {/if}
  </header>

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
      {#if (planning || needing) && !known}
        <p class="soft" role="status">Looking ahead first: who outgrows what, and when…</p>
      {:else if known}
        {#key at}
          {#if planning}
            <CupboardPlan
              family={at}
              cupboard={cupboard.current}
              entries={known}
              settings={settings.current}
              {nameOf}
              onlines={(lines) => (planned = lines)}
              ontaken={(lines) => (taken = lines)}
            />
          {/if}
          {#if needing}
            <CupboardNeeds
              family={at}
              cupboard={cupboard.current}
              entries={known}
              settings={settings.current}
            />
          {/if}
        {/key}
      {/if}
      {#if planning && taken.length > 0}
        <PlanTaken lines={taken} cupboard={cupboard.current} settings={settings.current} {nameOf} />
      {/if}
      <div class="open" class:no-print={needing || planning} class:with-panel={picked !== null}>
        <div class="shelves" class:planned={planned.length > 0}>
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
          {#if planned.length > 0}<PlanArrows lines={planned} {nameOf} />{/if}
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
  .open {
    display: grid;
    gap: 1.5rem;
    padding-top: 0.75rem;
  }
  .with-panel {
    grid-template-columns: minmax(0, 1fr) 21rem;
  }
  .shelves {
    position: relative;
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
  /* Room for the arrows of a plan between the sizes and the scrolls. */
  .planned ul,
  .planned .scale {
    margin-top: 2.25rem;
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
