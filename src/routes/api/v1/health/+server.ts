import { answer, methodNotAllowed } from '$lib/server/respond';

export const GET = () => answer({ ok: true, version: __APP_VERSION__ });
export const fallback = () => methodNotAllowed('GET');
