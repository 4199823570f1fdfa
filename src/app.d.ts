declare global {
  /** Version of the application, taken from package.json at build time. */
  const __APP_VERSION__: string;
}

export {};
