<script lang="ts">
  import { heightRules, pinFor } from '$lib/core/bass';
  import { expectedLength } from '$lib/core/body';
  import { averageSeatedBody, seatedPosture, solvePosture } from '$lib/core/cello';
  import { dimensionsOf, stationsOf } from '$lib/core/instruments';
  import {
    lowStringsView,
    seatedPersonView,
    seatedPlacing,
    standingPersonView,
    standingPlacing,
    type Point
  } from '$lib/core/outline';
  import Limb from './Limb.svelte';
  import LowStrings from './LowStrings.svelte';
  import type { FrontPose, HandPose, SeatedPose, StandingPose, Pose } from './sketches';

  /** One pose of a trial sketch. */
  let { pose }: { pose: Pose } = $props();

  const BOX = { floor: 222 };
  /** What each kind of pose fills. */
  const VIEWS: Readonly<Record<Pose['kind'], string>> = {
    front: '0 4 220 186',
    hand: '0 56 220 146',
    seated: '0 8 220 220',
    standing: '0 8 220 220'
  };

  function seated({ heightMm, size, seatOverLegMm, slideMm }: SeatedPose) {
    const body = averageSeatedBody(heightMm);
    const cello = dimensionsOf('cello', size);
    const solved = solvePosture(body, cello);
    const posture = seatedPosture(body, cello, {
      angleDeg: solved.angleDeg,
      seatMm: seatOverLegMm === undefined ? solved.seatMm : body.lowerLegMm + seatOverLegMm,
      slideMm: slideMm ?? solved.slideMm
    });
    const at = seatedPlacing(posture, cello.bodyMm);
    const left = at(stationsOf('cello', cello).firstFinger, 1.1 * cello.ribMm);
    return {
      posture,
      cello: lowStringsView(at, cello, posture.pinMm, 'cello'),
      person: seatedPersonView(body, posture, left),
      scale: 205 / Math.max(posture.ear.y + 140, posture.peg.y + 0.16 * cello.overallMm),
      hip: [0, -posture.seatMm] as Point
    };
  }

  function standing({ heightMm, size, bassLeanDeg, hands }: StandingPose) {
    const bass = dimensionsOf('bass', size);
    const lengthOf = (id: 'gripHang' | 'cheek' | 'eyebrow') => expectedLength(id, heightMm).mm;
    const rules = heightRules(
      { gripHangMm: lengthOf('gripHang'), cheekMm: lengthOf('cheek'), eyebrowMm: lengthOf('eyebrow') },
      bass
    );
    const pin = pinFor(rules, bass);
    const at = standingPlacing(heightMm, bass, pin, bassLeanDeg);
    const { bow, firstFinger } = stationsOf('bass', bass);
    const away: Point = [0.02 * heightMm, -0.44 * heightMm];
    return {
      bass: lowStringsView(at, bass, pin, 'bass'),
      person: standingPersonView(
        heightMm,
        hands === 'away'
          ? { bow: away, left: [-0.06 * heightMm, -0.44 * heightMm] }
          : { bow: at(bow, bass.ribMm + 0.08 * bass.bodyMm), left: at(firstFinger, bass.ribMm + 30) }
      ),
      scale: 205 / Math.max(1.02 * heightMm, pin + bass.overallMm),
      hip: [0, -0.5 * heightMm] as Point
    };
  }

  /** A person from the front as lines; the instrument's side is on the right. */
  function front({ headAside = 0, shoulderUp = 0, bend = 0, ...pose }: FrontPose) {
    const headX = 84 + headAside + bend * 1.6;
    const shoulder: Point = [114 + bend, 86 - shoulderUp];
    const far: Point = [52 + bend, 86 + bend];
    const body = [
      `M${far[0]} ${far[1]}Q${60 + bend} 78 ${74 + bend} 74L${headX - 8} ${60 + Math.abs(headAside) / 3}`,
      `M${shoulder[0]} ${shoulder[1]}Q${106 + bend} ${78 - shoulderUp / 2} ${94 + bend} ${74 - shoulderUp / 4}L${headX + 8} ${60 + headAside / 2}`,
      `M${far[0]} ${far[1]}C44 108 50 150 58 186`,
      `M${shoulder[0] - 4} ${shoulder[1] + 10}C112 130 108 160 106 186`
    ];
    const head = { x: headX, y: 38 + headAside / 3, tilt: headAside * 1.6 };
    const end: Point = [94 + bend, 78 + (pose.seatDown ?? 0) - shoulderUp / 3];
    const scroll: Point = [206, end[1] + (pose.scrollDown ?? 0)];
    return { body, head, shoulder, far, end, scroll };
  }
  const turn = ([x1, y1]: Point, [x2, y2]: Point) => (Math.atan2(y2 - y1, x2 - x1) * 180) / Math.PI;
  const along = ([x1, y1]: Point, [x2, y2]: Point, share: number): Point => [
    x1 + (x2 - x1) * share,
    y1 + (y2 - y1) * share
  ];

  function leftArm({ arm = 'neck' }: FrontPose, shoulder: Point, end: Point, scroll: Point): string {
    const [sx, sy] = shoulder;
    switch (arm) {
      case 'none':
        return `M${sx} ${sy + 6}C${sx + 8} ${sy + 40} ${sx + 6} ${sy + 70} ${sx + 2} ${sy + 96}`;
      case 'locked': {
        const [hx, hy] = scroll;
        return `M${sx} ${sy + 4}L${hx - 4} ${hy + 9}`;
      }
      case 'bent': {
        const [hx, hy] = along(end, scroll, 0.86);
        return `M${sx} ${sy + 6}Q${sx + 16} ${sy + 52} ${sx + 34} ${sy + 54}Q${hx - 4} ${sy + 46} ${hx} ${hy + 8}`;
      }
      case 'neck': {
        const [hx, hy] = along(end, scroll, 0.68);
        return `M${sx} ${sy + 6}Q${sx + 12} ${sy + 54} ${sx + 28} ${sy + 56}Q${hx} ${sy + 48} ${hx} ${hy + 8}`;
      }
    }
  }

  /** Four fingers over a neck, from below: base knuckles, then the tips on the string. */
  function fingers({ spread = 0, fourth = 'curved' }: HandPose) {
    return [0, 1, 2, 3].map((index) => {
      const tip = 66 + index * (20 + spread / 2);
      const base = 74 + index * 15;
      const isLast = index === 3;
      return isLast && fourth === 'flat'
        ? `M${base} 128L${tip + 6} 91`
        : `M${base} 128C${base + 2} 92 ${tip - 2} 66 ${tip} 88`;
    });
  }
</script>

<svg viewBox={VIEWS[pose.kind]} aria-hidden="true">
  {#if pose.kind === 'seated'}
    {@const { person, cello, posture, scale, hip } = seated(pose)}
    <line class="floor" x1="6" x2="214" y1={BOX.floor} y2={BOX.floor} />
    <g transform="translate(62 {BOX.floor}) scale({scale})">
      <path
        class="stool"
        d="M{-0.11 * 1300} {-posture.seatMm}h{0.22 * 1300}M{-0.09 * 1300} {-posture.seatMm}V0M{0.08 *
          1300} {-posture.seatMm}V0"
      />
      <path class="ink" d={person.legs} />
      {#if !pose.without}<g class="wood"><LowStrings view={cello} /></g>{/if}
      <g transform="rotate({pose.leanDeg ?? 0} {hip[0]} {hip[1]})">
        <path class="ink" d={person.head + person.trunk} />
        {#if !pose.without}<Limb d={person.rightArm} widthMm={person.armMm} {scale} />{/if}
      </g>
    </g>
  {:else if pose.kind === 'standing'}
    {@const { person, bass, scale, hip } = standing(pose)}
    <line class="floor" x1="6" x2="214" y1={BOX.floor} y2={BOX.floor} />
    <g transform="translate(84 {BOX.floor}) scale({scale})">
      <path class="ink" d={person.legs} />
      <g class="wood"><LowStrings view={bass} /></g>
      <g transform="rotate({pose.trunkLeanDeg ?? 0} {hip[0]} {hip[1]})">
        <path class="ink" d={person.head + person.trunk} />
        <Limb d={person.rightArm} widthMm={person.armMm} {scale} />
      </g>
    </g>
  {:else if pose.kind === 'hand'}
    <g class="wood">
      <path class="plain area" d="M8 92L196 84L196 104L8 116Z" />
      <path class="plain" d="M34 91V115M60 90V113M84 89V111M106 88V110M128 87V108" opacity="0.5" />
      <path class="plain" d="M196 84C214 80 216 104 196 104" />
    </g>
    {#each fingers(pose) as finger, index (index)}<path class="ink thick" d={finger} />{/each}
    <path
      class="ink thick"
      d={pose.wrist === 'caved'
        ? 'M70 128Q96 134 122 128Q120 150 96 148Q60 150 30 196'
        : 'M70 128Q96 138 124 128Q128 160 112 190'}
    />
    <path
      class="ink thick"
      d={pose.wrist === 'caved' ? 'M70 128Q66 142 40 152Q20 170 8 188' : 'M70 128Q78 164 76 192'}
    />
    <path class="ink thick" d="M70 128Q46 118 52 104" />
  {:else}
    {@const { body, head, shoulder, far, end, scroll } = front(pose)}
    <g transform="rotate({head.tilt} {head.x} {head.y + 20})">
      <path
        class="ink"
        d="M{head.x - 20} {head.y - 6}C{head.x - 22} {head.y - 34} {head.x + 22} {head.y - 34} {head.x +
          20} {head.y - 6}C{head.x + 19} {head.y + 14} {head.x + 10} {head.y + 25} {head.x} {head.y +
          25}C{head.x - 10} {head.y + 25} {head.x - 19} {head.y + 14} {head.x - 20} {head.y - 6}Z"
      />
      <path
        class="ink thin"
        d="M{head.x - 9} {head.y - 3}h3M{head.x + 6} {head.y - 3}h3M{head.x - 6} {head.y + 13}q6 3 12 0"
      />
    </g>
    {#each body as line, index (index)}<path class="ink" d={line} />{/each}
    {#if pose.with === 'violin'}
      <g class="wood" transform="translate({end[0]} {end[1]}) rotate({turn(end, scroll)})">
        <path
          class="plain area"
          d="M0 -6C-4 -13 16 -14 24 -10C32 -6 40 -10 54 -8C62 -6 62 6 54 8C40 10 32 6 24 10C16 14 -4 13 0 6Z"
        />
        <path class="plain" d="M36 -3H98V3H36M98 -3C108 -8 112 6 100 4" />
      </g>
      <path class="ink" d={leftArm(pose, shoulder, end, scroll)} />
      {#if pose.bow}
        {@const at = along(end, scroll, 0.34)}
        {@const hand = pose.bow === 'tip' ? [28, 172] : [44, 128]}
        <path class="wood-line" d="M{hand[0]} {hand[1]}L{at[0] + 10} {at[1] - 14}" />
        <path
          class="ink"
          d={pose.bow === 'tip'
            ? `M${far[0]} ${far[1]}Q30 124 28 172`
            : `M${far[0]} ${far[1] - 14}Q30 84 44 128`}
        />
      {/if}
    {:else}
      <g class="wood">
        <path
          class="plain area"
          d="M104 186C108 168 118 166 128 160L118 62L126 60L140 160C156 164 166 170 168 186"
        />
        <path class="plain" d="M118 62C112 46 130 42 126 60M110 66H134M111 58H133" />
      </g>
      <path
        class="ink"
        d="M{shoulder[0]} {shoulder[1] + 4}Q{shoulder[0] + 44} {shoulder[1] + 44} {shoulder[0] +
          42} {shoulder[1] + 40}Q150 112 126 100"
      />
      <path class="ink" d="M{far[0]} {far[1]}Q34 130 66 164" />
    {/if}
  {/if}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
  path,
  line {
    fill: none;
    stroke-linejoin: round;
    stroke-linecap: round;
    vector-effect: non-scaling-stroke;
  }
  .ink {
    stroke: var(--ink);
    stroke-width: 1.8;
  }
  .thin {
    stroke-width: 1.3;
  }
  .thick {
    stroke-width: 2.4;
  }
  .floor {
    stroke: var(--line-strong);
    stroke-width: 1.5;
  }
  .stool {
    stroke: var(--line-strong);
    stroke-width: 1.5;
  }
  .wood {
    color: var(--pose-tone);
  }
  .plain,
  .wood-line {
    stroke: var(--pose-tone);
    stroke-width: 1.8;
  }
  .area {
    fill: color-mix(in oklab, var(--pose-tone) 14%, var(--ground));
  }
</style>
