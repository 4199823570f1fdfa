import { answerJson, methodNotAllowed } from '$lib/server/respond';
import { TAPES_BOUNDS, answerTapes, tapesRequest } from '$lib/server/tapes';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) =>
  answerJson(request, tapesRequest, answerTapes, TAPES_BOUNDS);
export const fallback = () => methodNotAllowed('POST');
