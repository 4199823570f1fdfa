/** Unit tests, then the built application in Chromium. */
import { build, chromium, install, runBin } from './lib.mjs';

install();
const path = chromium();
runBin('svelte-kit', ['sync']);
runBin('vitest', ['run']);
build();
runBin('playwright', ['test'], { CHROMIUM_PATH: path });
