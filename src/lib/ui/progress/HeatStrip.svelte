<script lang="ts">
  import type { IsoDay } from '$lib/core/time';
  import Chart, { type ChartOption } from '$lib/ui/chart/Chart.svelte';
  import { shadesOf, tonesOf } from '$lib/ui/chart/tones';
  import { dayText } from '$lib/words/dates';
  import { alongDays, strengthWord } from '$lib/words/progress';

  /**
   * Strength over time, a row for each check or player, in parts where there are headings; the number in each field says
   * it besides the shade.
   */
  let {
    rows,
    days,
    cells,
    label,
    saveAs
  }: {
    /** The first on top. */
    rows: readonly { readonly name: string; readonly isHeading?: boolean }[];
    days: readonly IsoDay[];
    /** Place of the column, place of the row, strength 1 to 4. */
    cells: readonly (readonly [column: number, row: number, strength: number])[];
    label: string;
    saveAs: string;
  } = $props();

  const ROW_PX = 26;
  const LONGEST = 40;
  /** How heavy the shade of each strength is, 1 to 4. */
  const WEIGHTS = [0.08, 0.22, 0.4, 0.62];
  const short = (name: string) => (name.length > LONGEST ? `${name.slice(0, LONGEST - 1)}…` : name);

  function option(host: HTMLElement): ChartOption {
    const tones = tonesOf(host, ['ink', 'line']);
    const shades = shadesOf(host, 'fits', WEIGHTS);
    const nameOf = (row: number) => rows[row]?.name ?? '';
    return {
      animation: false,
      grid: { left: 264, right: 12, top: 4, bottom: 44 },
      xAxis: {
        type: 'category',
        data: [...alongDays(days)],
        axisLabel: { color: tones.ink, fontSize: 12, hideOverlap: true },
        axisLine: { lineStyle: { color: tones.line } }
      },
      yAxis: {
        type: 'category',
        inverse: true,
        data: rows.map(({ name }) => name),
        axisLabel: {
          color: tones.ink,
          fontSize: 12,
          interval: 0,
          formatter: (name, row) => (rows[row]?.isHeading ? `{heading|${name}}` : short(name)),
          rich: { heading: { fontSize: 13, fontWeight: 700, color: tones.ink } }
        },
        axisTick: { show: false },
        axisLine: { lineStyle: { color: tones.line } }
      },
      tooltip: {
        formatter: (params) => {
          const { value } = Array.isArray(params) ? (params[0] ?? { value: [] }) : params;
          const [column = 0, row = 0, strength = 0] = value as readonly number[];
          return `${nameOf(row)}, ${dayText(days[column] ?? '')}: ${strengthWord(strength)}`;
        }
      },
      // The theme's colours as they are: only their weight says how strong.
      visualMap: {
        type: 'piecewise',
        show: false,
        pieces: shades.map((color, i) => ({ min: i + 0.5, max: i + 1.5, color }))
      },
      series: [
        {
          type: 'heatmap',
          data: cells.map((cell) => [...cell]),
          label: {
            show: true,
            color: tones.ink,
            formatter: ({ value }) => String(Math.round((value as readonly number[])[2] ?? 0))
          },
          itemStyle: { borderColor: tones.line, borderWidth: 1 }
        }
      ]
    };
  }
</script>

<Chart {option} {label} {saveAs} height={rows.length * ROW_PX + 70} />
