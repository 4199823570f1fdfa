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
  /** Room for the names: no more than a share of the chart, at so much a letter. */
  const NAMES_PX = 264;
  const NAMES_SHARE = 0.42;
  const LETTER_PX = 6.5;
  /** How heavy the shade of each strength is, 1 to 4. */
  const WEIGHTS = [0.08, 0.22, 0.4, 0.62];

  function option(host: HTMLElement): ChartOption {
    const tones = tonesOf(host, ['ink', 'line']);
    const shades = shadesOf(host, 'fits', WEIGHTS);
    const left = Math.min(NAMES_PX, NAMES_SHARE * host.clientWidth);
    const most = Math.floor(left / LETTER_PX);
    const short = (name: string) => (name.length > most ? `${name.slice(0, most - 1)}…` : name);
    const nameOf = (row: number) => rows[row]?.name ?? '';
    return {
      animation: false,
      grid: { left, right: 12, top: 4, bottom: 44 },
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
