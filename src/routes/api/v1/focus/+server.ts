import { answerFocus, FOCUS_BOUNDS, focusRequest } from '$lib/server/checks';
import { answerJson, methodNotAllowed } from '$lib/server/respond';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) =>
  answerJson(request, focusRequest, answerFocus, FOCUS_BOUNDS);
export const fallback = () => methodNotAllowed('POST');
