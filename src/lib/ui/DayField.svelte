<script lang="ts">
  import { DatePicker, parseDate, Portal } from '@skeletonlabs/skeleton-svelte';
  import { isDay, type IsoDay } from '$lib/core/time';

  /** A day: typed as year-month-day, as its place writes it, or picked from a month. Emptied, there is none. */
  let {
    label,
    value,
    onpick
  }: { label: string; value: IsoDay | null; onpick: (day: IsoDay | null) => void } = $props();
</script>

<DatePicker
  class="day-field"
  locale="en-CA"
  startOfWeek={1}
  value={value === null ? [] : [parseDate(value)]}
  format={(day) => day.toString()}
  parse={(typed) => (isDay(typed.trim()) ? parseDate(typed.trim()) : undefined)}
  onValueChange={({ value: [day] }) => {
    const picked = day?.toString() ?? null;
    if (picked !== value) onpick(picked);
  }}
>
  <DatePicker.Label class="soft text-sm">{label}</DatePicker.Label>
  <DatePicker.Control>
    <DatePicker.Input class="field" placeholder="no day" />
    <DatePicker.Trigger class="btn act" aria-label="{label}: pick a day">▾</DatePicker.Trigger>
  </DatePicker.Control>
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
