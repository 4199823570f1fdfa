<script lang="ts">
  import type { TestCourse } from '$lib/core/progress';
  import Chart, { type ChartOption } from '$lib/ui/chart/Chart.svelte';
  import { tonesOf } from '$lib/ui/chart/tones';
  import { testValue } from '$lib/words/progress';

  /** A timed or counted test over time with its goals: one line, or one for each player. */
  let {
    check,
    lines,
    label,
    saveAs
  }: {
    check: TestCourse['check'];
    lines: readonly { readonly name: string; readonly points: TestCourse['points'] }[];
    label: string;
    saveAs: string;
  } = $props();

  /** A line's name is cut where it would take the chart's own room. */
  const LONGEST = 18;
  const short = (name: string) => (name.length > LONGEST ? `${name.slice(0, LONGEST - 1)}…` : name);
  const heightPx = $derived(Math.min(480, 184 + 18 * lines.length));
  const days = $derived(lines.flatMap(({ points }) => points.map(({ day }) => day)).sort());
  const many = $derived(lines.length > 1);

  function option(host: HTMLElement): ChartOption {
    const tones = tonesOf(host, ['ink', 'line', 'fits']);
    const [first, last] = [days[0] ?? '', days.at(-1) ?? ''];
    const goalLine = (value: number, name: string) => ({
      type: 'line' as const,
      name,
      data: [
        [first, value],
        [last, value]
      ],
      symbol: 'none',
      lineStyle: { color: tones.fits, type: 'dashed' as const, width: 2 },
      endLabel: { show: true, formatter: name, color: tones.ink },
      labelLayout: { moveOverlap: 'shiftY' as const }
    });
    return {
      animation: false,
      grid: { left: 48, right: 148, top: 16, bottom: 32 },
      xAxis: { type: 'time', axisLabel: { color: tones.ink, hideOverlap: true } },
      yAxis: {
        type: 'value',
        axisLabel: { color: tones.ink },
        splitLine: { lineStyle: { color: tones.line } }
      },
      tooltip: { trigger: many ? 'item' : 'axis' },
      series: [
        ...lines.map(({ name, points }) => ({
          type: 'line' as const,
          name,
          data: points.map(({ day, value }): [string, number] => [day, value]),
          symbolSize: 8,
          lineStyle: { color: tones.ink, width: many ? 1.25 : 2 },
          itemStyle: { color: tones.ink },
          ...(many
            ? {
                endLabel: { show: true, formatter: short(name), color: tones.ink },
                labelLayout: { moveOverlap: 'shiftY' as const }
              }
            : {})
        })),
        ...(check.goal
          ? [
              goalLine(check.goal.first, `goal ${testValue(check, check.goal.first)}`),
              goalLine(check.goal.later, `then ${testValue(check, check.goal.later)}`)
            ]
          : [])
      ]
    };
  }
</script>

<Chart {option} {label} {saveAs} height={heightPx} />
