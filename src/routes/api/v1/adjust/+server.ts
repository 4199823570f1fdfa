import { answerJson, methodNotAllowed } from '$lib/server/respond';
import { ADJUST_BOUNDS, answerAdjust, adjustRequest } from '$lib/server/adjust';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) =>
  answerJson(request, adjustRequest, answerAdjust, ADJUST_BOUNDS);
export const fallback = () => methodNotAllowed('POST');
