import { expose } from 'comlink';
import readCode from 'jsqr';

const door = {
  /** The text of the code in a picture; null where none is found. */
  read: ({ data, width, height }: ImageData): string | null => readCode(data, width, height)?.data ?? null
};

export type CodeReaderDoor = typeof door;

expose(door);
