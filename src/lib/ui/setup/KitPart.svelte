<script lang="ts">
  import { isOverdue, kitOf, type KitGap, type KitItem, type KitState } from '$lib/core/kit';
  import { changeKit, db, kitGaps, type Player } from '$lib/data';
  import Choice from '$lib/ui/Choice.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import DayField from '$lib/ui/DayField.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { KIT_WORDS } from '$lib/words/kit';

  /** What belongs to playing beside instrument and bow: there, missing or lent, whose it is and until when. */
  let { player }: { player: Player } = $props();

  const gaps = $derived(kitGaps(player));
  const gapOf = (item: KitItem) => gaps.find((gap) => gap.item === item) ?? null;
  const WAYS: readonly { readonly value: KitState | 'there'; readonly text: string }[] = [
    { value: 'there', text: 'There' },
    { value: 'missing', text: 'Missing' },
    { value: 'lent', text: 'Lent' }
  ];

  const change = (item: KitItem, how: Parameters<typeof changeKit>[3]) =>
    void attempt(() => changeKit(db, player, item, how));
  /** Of something that is lent; nothing once it is back. */
  const note = (item: KitItem, patch: Partial<Pick<KitGap, 'whose' | 'until'>>) =>
    change(item, (gap) => gap && { ...gap, ...patch });

  const pick = (item: KitItem, way: KitState | 'there') =>
    change(item, (gap) => (way === 'there' ? null : { whose: '', until: null, ...gap, state: way }));
</script>

<ul>
  {#each kitOf(player.family) as item (item)}
    {@const gap = gapOf(item)}
    <li data-kit={item}>
      <span class="item">{KIT_WORDS[item]}</span>
      <Choice
        label={KIT_WORDS[item]}
        hideLabel
        value={gap?.state ?? 'there'}
        options={WAYS}
        onpick={(way) => pick(item, way)}
      />
      {#if gap?.state === 'lent'}
        <span class="lent">
          <label>
            Whose
            <input
              class="field"
              maxlength="80"
              placeholder="the school"
              value={gap.whose}
              onchange={(event) => note(item, { whose: event.currentTarget.value.trim() })}
            />
          </label>
          <DayField label="Until" value={gap.until} onpick={(until) => note(item, { until })} />
          {#if isOverdue(gap, clock.today)}<b class="late">Overdue</b>{/if}
        </span>
      {/if}
    </li>
  {/each}
</ul>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: center;
    gap: 0.25rem 1rem;
    padding-block: 0.25rem;
    border-bottom: 1px solid var(--line);
  }
  .item {
    font-weight: 600;
  }
  .lent {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: center;
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    font-size: 0.9rem;
  }
  label input {
    width: 9.5rem;
  }
  .late {
    color: var(--stop);
  }
</style>
