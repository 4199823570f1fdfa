import { expose } from 'comlink';
import { readCodeIn } from './read-code';

const door = {
  /** The text of the code in a picture; null where none is found. */
  read: (picture: ImageData): string | null => readCodeIn(picture)
};

export type CodeReaderDoor = typeof door;

expose(door);
