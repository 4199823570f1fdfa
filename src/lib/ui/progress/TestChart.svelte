<script lang="ts">
  import type { TestCourse } from '$lib/core/progress';
  import Chart, { type ChartOption } from '$lib/ui/chart/Chart.svelte';
  import { tonesOf } from '$lib/ui/chart/tones';
  import { fileNamePart } from '$lib/ui/download';
  import { testText, testValue } from '$lib/words/progress';

  /** A timed or counted test over time, with its goals and its best. */
  let { test }: { test: TestCourse } = $props();

  const { check } = $derived(test);

  function option(host: HTMLElement): ChartOption {
    const tones = tonesOf(host, ['ink', 'line', 'line-strong', 'fits']);
    const [first, last] = [test.points[0]?.day ?? '', test.points.at(-1)?.day ?? ''];
    const goalLine = (value: number, name: string) => ({
      type: 'line' as const,
      name,
      data: [
        [first, value],
        [last, value]
      ],
      symbol: 'none',
      lineStyle: { color: tones.fits, type: 'dashed' as const },
      endLabel: { show: true, formatter: name, color: tones.ink }
    });
    return {
      animation: false,
      grid: { left: 48, right: 96, top: 16, bottom: 32 },
      xAxis: { type: 'time', axisLabel: { color: tones.ink, hideOverlap: true } },
      yAxis: {
        type: 'value',
        axisLabel: { color: tones.ink },
        splitLine: { lineStyle: { color: tones.line } }
      },
      tooltip: { trigger: 'axis' },
      series: [
        {
          type: 'line',
          name: check.title,
          data: test.points.map(({ day, value }): [string, number] => [day, value]),
          symbolSize: 8,
          lineStyle: { color: tones.ink },
          itemStyle: { color: tones.ink }
        },
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

<Chart {option} label={testText(test)} saveAs={fileNamePart(check.title)} height={200} />
