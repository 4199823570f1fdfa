<script lang="ts">
  import { DatePicker, parseDate, Portal } from '@skeletonlabs/skeleton-svelte';
  import { typedDay, type IsoDay } from '$lib/core/time';

  /**
   * A day: typed, or picked from a month. Emptied, there is none. What is being typed is the field's own until it is
   * entered or left, whatever happens to the record meanwhile; what is no day stays there and is said.
   */
  let {
    label,
    value,
    onpick
  }: { label: string; value: IsoDay | null; onpick: (day: IsoDay | null) => void } = $props();

  const id = $props.id();
  /** What is being typed; null while the field says what is kept. */
  let typing = $state<string | null>(null);
  let isNone = $state(false);

  function pick(day: IsoDay | null) {
    typing = null;
    isNone = false;
    if (day !== value) onpick(day);
  }
  function enter() {
    if (typing === null) return;
    const day = typedDay(typing);
    isNone = day === null && typing.trim() !== '';
    if (!isNone) pick(day);
  }
</script>

<DatePicker
  class="day-field"
  locale="en-CA"
  startOfWeek={1}
  value={value === null ? [] : [parseDate(value)]}
  onValueChange={({ value: [day] }) => pick(day?.toString() ?? null)}
>
  <label class="soft text-sm" for={id}>{label}</label>
  <DatePicker.Control>
    <input
      {id}
      class="field"
      placeholder="no day"
      autocomplete="off"
      aria-invalid={isNone}
      aria-describedby={isNone ? `${id}-none` : undefined}
      bind:value={() => typing ?? value ?? '', (text) => (typing = text)}
      onblur={enter}
      onkeydown={(event) => {
        if (event.key === 'Enter') enter();
        if (event.key === 'Escape') pick(value);
      }}
    />
    <DatePicker.Trigger class="btn act" aria-label="{label}: pick a day">▾</DatePicker.Trigger>
  </DatePicker.Control>
  {#if isNone}<p id="{id}-none" class="none">This is no day: 2027-07-01 or 1.7.2027 is one.</p>{/if}
  <Portal>
    <DatePicker.Positioner>
      <DatePicker.Content class="menu-list day-list">
        <DatePicker.View view="day">
          <DatePicker.Context>
            {#snippet children(picker)}
              <DatePicker.ViewControl>
                <DatePicker.PrevTrigger class="btn act">‹</DatePicker.PrevTrigger>
                <DatePicker.RangeText />
                <DatePicker.NextTrigger class="btn act">›</DatePicker.NextTrigger>
              </DatePicker.ViewControl>
              <DatePicker.Table>
                <DatePicker.TableHead>
                  <DatePicker.TableRow>
                    {#each picker().weekDays as weekDay, index (index)}
                      <DatePicker.TableHeader>{weekDay.short}</DatePicker.TableHeader>
                    {/each}
                  </DatePicker.TableRow>
                </DatePicker.TableHead>
                <DatePicker.TableBody>
                  {#each picker().weeks as week, index (index)}
                    <DatePicker.TableRow>
                      {#each week as day, at (at)}
                        <DatePicker.TableCell value={day}>
                          <DatePicker.TableCellTrigger>{day.day}</DatePicker.TableCellTrigger>
                        </DatePicker.TableCell>
                      {/each}
                    </DatePicker.TableRow>
                  {/each}
                </DatePicker.TableBody>
              </DatePicker.Table>
            {/snippet}
          </DatePicker.Context>
        </DatePicker.View>
      </DatePicker.Content>
    </DatePicker.Positioner>
  </Portal>
</DatePicker>

<style>
  :global([data-scope='date-picker'].day-field > [data-part='control']) {
    display: flex;
    flex-direction: row;
    gap: 0.25rem;
  }
  .none {
    max-width: 14rem;
    color: var(--stop);
    font-size: 0.85rem;
  }
  /* Beside the field, not in it: two targets of a finger's size. */
  :global([data-scope='date-picker'].btn) {
    position: static;
    transform: none;
    min-width: 2.75rem;
    min-height: 2.75rem;
  }
  :global(.day-field .field) {
    width: 9.5rem;
  }
  :global(.day-list [data-part='view-control']) {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 0.5rem;
  }
  :global(.day-list [data-part='table-cell-trigger']) {
    display: grid;
    place-items: center;
    width: 2.75rem;
    height: 2.75rem;
    border-radius: var(--radius-base);
    cursor: pointer;
  }
  :global(.day-list [data-part='table-cell-trigger'][data-outside-range]) {
    color: var(--ink-soft);
  }
  :global(.day-list [data-part='table-cell-trigger'][data-today]) {
    border: 1px solid var(--line-strong);
  }
  :global(.day-list [data-part='table-cell-trigger'][data-selected]),
  :global(.day-list [data-part='table-cell-trigger']:is(:hover, [data-focus])) {
    background: var(--ink);
    color: var(--ground);
  }
</style>
