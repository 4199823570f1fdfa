<script lang="ts">
  import { combineReadings, MEASUREMENTS } from '$lib/core/body';
  import { fittingTape, onTape, palmFrom, zonesOf, type TapeZone } from '$lib/core/fitting-tape';
  import { isShoulderFamily } from '$lib/core/instruments';
  import { landingLimit } from '$lib/core/sizing';
  import { db, type Player } from '$lib/data';
  import { readTapeInQueue } from '$lib/data/commands/days';
  import { cupboardOf, EMPTY_CUPBOARD, type Cupboard } from '$lib/data/questions/cupboard';
  import { sizesInUse } from '$lib/data/questions/settings';
  import Fold from '$lib/ui/Fold.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { tapePlace, zoneText } from '$lib/words/fitting-tape';
  import type { DayQueue } from './queue.svelte';

  /** What an assistant reads off a fitting tape, a tap each: it counts as a reading with its error. */
  let { queue, player, onread }: { queue: DayQueue; player: Player; onread: () => void } = $props();

  const cupboard = live<Cupboard>(() => cupboardOf(db), EMPTY_CUPBOARD);
  const rule = $derived(queue.settings.rule);
  const zones = $derived.by(() => {
    const { family } = player;
    if (!isShoulderFamily(family)) return [];
    return zonesOf(
      fittingTape({
        family,
        sizes: sizesInUse(queue.settings, family),
        own: onTape(cupboard.current.instruments, family),
        overrides: queue.settings.dimensions
      })
    );
  });

  const hand = $derived(queue.readings.handLength ?? []);
  const handMm = $derived(hand.length > 0 ? combineReadings('handLength', hand).mm : null);
  const between = ({ fromMm, toMm }: TapeZone): readonly [number, number] => {
    const { heightMm } = queue;
    const palm = (mm: number) => Math.round(palmFrom(mm, landingLimit(rule), { handMm, heightMm }));
    return [palm(fromMm), palm(toMm)];
  };
  /** Of today; the height may have come after it, so it is the nearest that was tapped. */
  const read = $derived(queue.isFresh('armByTape') ? (queue.readings.armByTape ?? []) : []);
  const tapped = $derived.by(() => {
    if (read.length === 0) return null;
    const off = (zone: TapeZone) =>
      Math.abs(between(zone)[0] - (read[0] ?? 0)) + Math.abs(between(zone)[1] - (read[1] ?? 0));
    return zones.toSorted((a, b) => off(a) - off(b))[0] ?? null;
  });

  /** Zones beside the one that the height lets expect: the others are a tap away. */
  const NEAR = 2;
  let all = $state(false);
  const expected = $derived.by(() => {
    const { heightMm } = queue;
    if (heightMm === null) return -1;
    const palmMm = MEASUREMENTS.armToPalm.expectedMm?.(heightMm) ?? 0;
    return zones.findIndex((zone) => between(zone)[0] <= palmMm && palmMm < between(zone)[1]);
  });
  const shown = $derived(
    all || expected < 0
      ? zones
      : zones.filter((zone, at) => Math.abs(at - expected) <= NEAR || zone === tapped)
  );

  const tap = (zone: TapeZone) =>
    attempt(async () => {
      await readTapeInQueue(db, player, between(zone));
      onread();
    });
</script>

{#if zones.length > 0}
  <Fold name="by-tape" title="Read by tape" quiet>
    <p class="soft text-sm">The fitting tape at {tapePlace(rule)}:</p>
    <ul data-tape-words>
      {#each shown as zone (zone.fromMm)}
        <li>
          <button type="button" class="btn act" aria-pressed={zone === tapped} onclick={() => tap(zone)}
            >{zoneText(zone)}</button
          >
        </li>
      {/each}
      {#if shown.length < zones.length}
        <li><button type="button" class="act-quiet" onclick={() => (all = true)}>The whole tape</button></li>
      {/if}
    </ul>
  </Fold>
{/if}

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
    padding-block: 0.4rem;
  }
  button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--ground);
  }
</style>
