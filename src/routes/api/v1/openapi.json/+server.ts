import { openapi } from '$lib/server/openapi';
import { answer, methodNotAllowed } from '$lib/server/respond';

export const GET = () => answer(openapi(__APP_VERSION__));
export const fallback = () => methodNotAllowed('GET');
