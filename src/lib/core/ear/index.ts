export { heardBy, levelDb, levelsOf, NEW_GATE, type Gate, type GateEvent } from './gate';
export { MadeUpRoom, type MadeUpSound } from './made-up-room';
export { countedBy, countOf, NEW_COUNTING, type Counted, type Counting } from './counting';
