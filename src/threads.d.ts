/** The text of a script for a thread of the server. */
declare module '*?thread' {
  const script: string;
  export default script;
}
