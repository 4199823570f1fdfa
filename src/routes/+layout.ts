// The records live in the visitor's browser, so there is nothing that the server could draw.
export const ssr = false;
export const prerender = false;
