<script lang="ts">
  import {
    ageYears,
    heightOfZ,
    heightOn,
    heightsAt,
    type Followed,
    type HeightReading,
    type Sex
  } from '$lib/core/growth';
  import { MM_PER_CM, MM_PER_INCH, type LengthUnit } from '$lib/core/length';
  import { daysBetween, daysLater, monthsLater, type IsoDay, type IsoMonth } from '$lib/core/time';
  import Chart, { type ChartOption } from '$lib/ui/chart/Chart.svelte';
  import { tonesOf } from '$lib/ui/chart/tones';
  import { dayText, monthText } from '$lib/words/dates';

  /** One length over time; heights lie on the band of the reference and go on as a forecast. */
  let {
    name,
    readings,
    unit,
    today,
    reference = null,
    followed = null,
    outgrownAtMm = null,
    size = null
  }: {
    name: string;
    /** Oldest first. */
    readings: readonly HeightReading[];
    unit: LengthUnit;
    today: IsoDay;
    /** The reference's band, for heights of players whose birth month is known. */
    reference?: { readonly sex: Sex | null; readonly birthMonth: IsoMonth } | null;
    /** The player as followed, for a forecast; null when nothing is forecast. */
    followed?: Followed | null;
    /** Height at which the size in use is outgrown, mm. */
    outgrownAtMm?: number | null;
    size?: string | null;
  } = $props();

  /** Ends of the axis are multiples of this, in the teacher's unit. */
  const ROUND = 5;
  const AHEAD_MONTHS = 30;
  const STEP_DAYS = 61;
  /** Standard score of the band's edges: 3 and 97 of 100 children. */
  const EDGE_Z = 1.881;

  const perUnit = $derived(unit === 'cm' ? MM_PER_CM : MM_PER_INCH);
  const shown = (mm: number) => Math.round((mm / perUnit) * 100) / 100;
  const first = $derived(readings[0]?.date ?? today);
  const from = $derived(daysLater(first, -60));
  const to = $derived(followed ? monthsLater(today, AHEAD_MONTHS) : daysLater(today, 60));
  const days = $derived(
    Array.from({ length: Math.max(2, Math.ceil(daysBetween(from, to) / STEP_DAYS) + 1) }, (_, index) => {
      const day = daysLater(from, index * STEP_DAYS);
      return day < to ? day : to;
    })
  );
  const forecastDays = $derived(followed ? [followed.on, ...days.filter((day) => day > followed.on)] : []);

  type Points = [IsoDay, number][];
  /** A band as two stacked lines: its lower edge, unseen, and what lies between. */
  const band = (low: Points, high: Points, color: string, opacity: number, name: string) => [
    {
      type: 'line' as const,
      data: low,
      stack: name,
      symbol: 'none',
      silent: true,
      lineStyle: { opacity: 0 },
      tooltip: { show: false }
    },
    {
      type: 'line' as const,
      data: high.map(([day, value], index): [IsoDay, number] => [day, value - (low[index]?.[1] ?? 0)]),
      stack: name,
      symbol: 'none',
      silent: true,
      lineStyle: { opacity: 0 },
      areaStyle: { color, opacity },
      tooltip: { show: false }
    }
  ];

  function option(host: HTMLElement): ChartOption {
    const tone = tonesOf(host, ['ink', 'ink-soft', 'line', 'line-strong', 'fits', 'large', 'next', 'ground']);
    const text = { color: tone['ink-soft'], fontFamily: 'Atkinson Hyperlegible Next Variable', fontSize: 13 };
    const values: number[] = readings.map(({ mm }) => shown(mm));
    const series: NonNullable<ChartOption['series']> = [];

    if (reference) {
      const { sex, birthMonth } = reference;
      const at = (z: number): Points =>
        days.map((day) => [day, shown(heightOfZ(z, heightsAt(sex, ageYears(birthMonth, day))))]);
      const middle = at(0);
      series.push(...band(at(-EDGE_Z), at(EDGE_Z), tone['line-strong'], 0.16, 'reference'), {
        type: 'line',
        data: middle,
        symbol: 'none',
        silent: true,
        lineStyle: { color: tone['line-strong'], width: 1, type: 'dotted' }
      });
      values.push(...[at(-EDGE_Z)[0]?.[1] ?? 0, at(EDGE_Z).at(-1)?.[1] ?? 0]);
    }
    if (followed) {
      const fan = forecastDays.map((day) => ({ day, ...heightOn(followed, day) }));
      const of = (key: 'p10Mm' | 'p50Mm' | 'p90Mm'): Points => fan.map((one) => [one.day, shown(one[key])]);
      series.push(...band(of('p10Mm'), of('p90Mm'), tone.fits, 0.22, 'forecast'), {
        type: 'line',
        data: of('p50Mm'),
        symbol: 'none',
        lineStyle: { color: tone.fits, width: 2, type: 'dashed' },
        itemStyle: { color: tone.fits }
      });
    }
    if (outgrownAtMm !== null && Number.isFinite(outgrownAtMm) && outgrownAtMm > 0) {
      values.push(shown(outgrownAtMm));
      series.push({
        type: 'line',
        data: [
          [from, shown(outgrownAtMm)],
          [to, shown(outgrownAtMm)]
        ],
        symbol: 'none',
        silent: true,
        lineStyle: { color: tone.next, width: 1.5 },
        endLabel: {
          show: true,
          formatter: `${size ?? ''} outgrown`,
          color: tone.next,
          offset: [-110, -11],
          fontWeight: 650
        }
      });
    }
    series.push({
      type: 'line',
      data: readings.map(({ date, mm }): [IsoDay, number] => [date, shown(mm)]),
      symbol: 'circle',
      symbolSize: 9,
      lineStyle: { color: tone.ink, width: 1.5 },
      itemStyle: { color: tone.ink }
    });
    const lowest = Math.min(...values);
    const highest = Math.max(...values);
    const room = Math.max(1, (highest - lowest) * 0.05);
    return {
      animation: false,
      aria: { enabled: false },
      textStyle: text,
      grid: { left: 48, right: 16, top: 24, bottom: 28 },
      xAxis: {
        type: 'time',
        min: from,
        max: to,
        axisLine: { lineStyle: { color: tone['line-strong'] } },
        axisLabel: { ...text, formatter: '{MMM} {yyyy}', hideOverlap: true },
        splitLine: { show: false }
      },
      yAxis: {
        type: 'value',
        name: unit,
        nameTextStyle: text,
        min: Math.floor((lowest - room) / ROUND) * ROUND,
        max: Math.ceil((highest + room) / ROUND) * ROUND,
        axisLabel: text,
        splitLine: { lineStyle: { color: tone.line } }
      },
      tooltip: {
        trigger: 'item',
        backgroundColor: tone.ground,
        borderColor: tone['line-strong'],
        textStyle: { ...text, color: tone.ink },
        formatter: (point) => {
          const [one] = Array.isArray(point) ? point : [point];
          const [day, value] = (one?.value ?? []) as [string, number];
          return `${dayText(new Date(day).toISOString().slice(0, 10))}: ${value.toFixed(1)} ${unit}`;
        }
      },
      series
    };
  }

  const label = $derived(
    `${name} over time: ${readings.map(({ date, mm }) => `${monthText(date)} ${shown(mm)} ${unit}`).join(', ')}.` +
      (followed
        ? ` Forecast for ${monthText(to)}: ${shown(heightOn(followed, to).p10Mm)} to ${shown(heightOn(followed, to).p90Mm)} ${unit}.`
        : '')
  );
</script>

<Chart {option} {label} />
<p class="soft legend">
  {#if reference}<span class="key reference"></span> 3 to 97 of 100 children{/if}
  {#if followed}<span class="key forecast"></span> forecast, 10 to 90 %{/if}
  <span class="key read"></span> read
</p>

<style>
  .legend {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 0.6rem;
    font-size: 0.9rem;
  }
  .legend .key {
    border: 0;
    width: 1.1rem;
    height: 0.8rem;
    opacity: 1;
    padding: 0;
  }
  .reference {
    background: color-mix(in oklab, var(--line-strong) 25%, transparent);
  }
  .forecast {
    background: color-mix(in oklab, var(--fits) 30%, transparent);
    margin-left: 0.75rem;
  }
  .read {
    background: var(--ink);
    border-radius: 50%;
    width: 0.7rem !important;
    height: 0.7rem !important;
    margin-left: 0.75rem;
  }
</style>
