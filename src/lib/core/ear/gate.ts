/** How loud a stretch of sound is, dB below full scale; silence is -90. */
export function levelDb(samples: Float32Array): number {
  let sum = 0;
  for (const sample of samples) sum += sample * sample;
  const rms = Math.sqrt(sum / Math.max(1, samples.length));
  return Math.max(-90, 20 * Math.log10(Math.max(rms, 1e-9)));
}

/** The levels of stretches of so many samples, the oldest first. */
export const levelsOf = (samples: Float32Array, stretch: number): readonly number[] =>
  Array.from({ length: Math.floor(samples.length / stretch) }, (_, i) =>
    levelDb(samples.subarray(i * stretch, (i + 1) * stretch))
  );

/** What is known of a room and of what sounds in it. */
export interface Gate {
  readonly phase:
    /** The room itself is measured: nobody makes a sound. */
    | 'room'
    | 'quiet'
    | 'sounding'
    /** The room is too loud for a sound to be told from it. */
    | 'too-loud';
  /** Levels of the room while it is measured. */
  readonly levels: readonly number[];
  readonly roomDb: number;
  /** Since when it is below what counts as a sound, ms on the listener's clock; null while it is not. */
  readonly quietSince: number | null;
}

export const NEW_GATE: Gate = { phase: 'room', levels: [], roomDb: -90, quietSince: null };

/** What happened just now: at which moment, ms. */
export interface GateEvent {
  readonly kind: 'ready' | 'sound' | 'silence' | 'too-loud';
  readonly at: number;
}

// Source: our own, held against simulated rooms: a clap, a pluck and a voice stand 15 to 40 dB over a room.
/** Stretches of which a room is measured. */
const ROOM_LEVELS = 14;
/** So much over the room is a sound, and so much is none any more, dB; a sound is never fainter than this. */
const SOUND_OVER_DB = 12;
const QUIET_OVER_DB = 6;
const FAINTEST_DB = -55;
/** In a room as loud as this a clap drowns. */
const LOUDEST_ROOM_DB = -22;
/** So long it must be quiet to be over, ms: between two bow strokes it is not. */
const OVER_AFTER_MS = 450;

/**
 * Hears one more stretch of sound: a gate that opens with what stands over the room and closes once it was quiet for a
 * while. The room is measured first, by what is loud in it now and then.
 *
 * @param db the stretch's level
 * @param now when it ended, ms
 * @returns the gate after it, and what happened; silence is told with the moment at which it began
 */
export function heardBy(
  gate: Gate,
  db: number,
  now: number
): { readonly gate: Gate; readonly event: GateEvent | null } {
  if (gate.phase === 'too-loud') return { gate, event: null };
  if (gate.phase === 'room') {
    const levels = [...gate.levels, db];
    if (levels.length < ROOM_LEVELS) return { gate: { ...gate, levels }, event: null };
    const roomDb = Math.max(...levels.toSorted((a, b) => a - b).slice(0, -1));
    const isLoud = roomDb > LOUDEST_ROOM_DB;
    return {
      gate: { phase: isLoud ? 'too-loud' : 'quiet', levels: [], roomDb, quietSince: now },
      event: { kind: isLoud ? 'too-loud' : 'ready', at: now }
    };
  }
  const { phase, roomDb, quietSince } = gate;
  const sounds = db > Math.max(FAINTEST_DB, roomDb + SOUND_OVER_DB);
  if (phase === 'quiet')
    return sounds
      ? { gate: { ...gate, phase: 'sounding', quietSince: null }, event: { kind: 'sound', at: now } }
      : { gate, event: null };
  const isQuiet = db < Math.max(FAINTEST_DB, roomDb + QUIET_OVER_DB);
  if (!isQuiet) return { gate: { ...gate, quietSince: null }, event: null };
  const since = quietSince ?? now;
  if (now - since < OVER_AFTER_MS) return { gate: { ...gate, quietSince: since }, event: null };
  return { gate: { ...gate, phase: 'quiet', quietSince: since }, event: { kind: 'silence', at: since } };
}
